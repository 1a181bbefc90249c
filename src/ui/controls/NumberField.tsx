import { useState } from "react";
import { TextInput, View } from "react-native";
import { readNumber } from "@/words";
import { Txt } from "./Txt";

interface Props {
  readonly label: string;
  readonly unit: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  /** Decimals shown. */
  readonly decimals?: number;
  readonly onChange: (value: number) => void;
  /** Reads what is typed, where more than a bare number will do. */
  readonly read?: (text: string) => number | undefined;
}

/**
 * A number with its unit. What is typed takes effect on Enter or on leaving; something that is no number, or out of
 * range, is kept in the field with what to do, and nothing else changes.
 */
export function NumberField({
  label,
  unit,
  value,
  min,
  max,
  decimals = 1,
  onChange,
  read: reader = readNumber,
}: Props) {
  const [draft, setDraft] = useState<string>();
  const read = draft === undefined ? value : reader(draft);
  const wrong = read === undefined || read < min || read > max;
  const settle = (): void => {
    if (wrong || draft === undefined) return;
    setDraft(undefined);
    if (read !== value) onChange(read);
  };
  return (
    <View className="min-w-[104px] flex-1">
      <Txt size={14} tone="ink2">
        {label}
      </Txt>
      <View className={`h-12 flex-row items-center border-b-2 ${wrong ? "border-bracken" : "border-water"}`}>
        <TextInput
          aria-label={`${label} in ${unit}`}
          aria-invalid={wrong}
          inputMode={reader === readNumber ? "decimal" : "text"}
          value={draft ?? value.toFixed(decimals)}
          onChangeText={setDraft}
          onBlur={settle}
          onSubmitEditing={settle}
          className="h-12 w-full min-w-0 flex-1 font-bold text-[20px] tabular-nums text-ink"
        />
        <Txt tone="ink2">{unit}</Txt>
      </View>
      {wrong && (
        <Txt size={14} tone="bracken" role="alert">
          {`Type a number from ${min} to ${max}.`}
        </Txt>
      )}
    </View>
  );
}
