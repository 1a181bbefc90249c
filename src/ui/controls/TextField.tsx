import type { ChangeEvent } from "react";
import { TextInput, View } from "react-native";
import { Txt } from "./Txt";

interface Props {
  readonly label: string;
  /** Behind the field, and said with its label. */
  readonly unit?: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
  readonly onBlur?: () => void;
  /** What is wrong and what to type instead. */
  readonly error?: string;
  /** One sentence, where the label alone would leave a question. */
  readonly hint?: string;
  readonly numeric?: boolean;
  /** Several lines of running text. */
  readonly lines?: number;
  /** A date or a time takes the device's own way of choosing one. */
  readonly type?: "text" | "date" | "time";
  readonly className?: string;
}

const BOX = "min-h-12 w-full min-w-0 flex-1 bg-transparent text-[16px] text-ink tabular-nums";

/** A word, a number, a date: its label above, what is wrong with it below. */
export function TextField({ className = "", error, hint, label, unit, ...input }: Props) {
  const said = unit ? `${label} in ${unit}` : label;
  return (
    <View className={`min-w-[128px] flex-1 ${className}`}>
      <Txt size={14} tone="ink2">
        {label}
      </Txt>
      <View className={`flex-row items-center border-b-2 ${error ? "border-bracken" : "border-water"}`}>
        <Input said={said} wrong={error !== undefined} {...input} />
        {unit ? <Txt tone="ink2">{unit}</Txt> : null}
      </View>
      {error ? (
        <Txt size={14} tone="bracken" role="alert">
          {error}
        </Txt>
      ) : hint ? (
        <Txt size={14} tone="ink2">
          {hint}
        </Txt>
      ) : null}
    </View>
  );
}

type InputProps = Omit<Props, "label" | "unit" | "error" | "hint" | "className"> & {
  readonly said: string;
  readonly wrong: boolean;
};

function Input({ said, wrong, value, onChange, onBlur, numeric, lines, type = "text" }: InputProps) {
  if (type !== "text")
    return (
      <input
        type={type}
        aria-label={said}
        aria-invalid={wrong}
        value={value}
        onChange={(event: ChangeEvent<HTMLInputElement>) => onChange(event.target.value)}
        onBlur={onBlur}
        className={`font-semi ${BOX}`}
      />
    );
  return (
    <TextInput
      aria-label={said}
      aria-invalid={wrong}
      inputMode={numeric ? "decimal" : "text"}
      value={value}
      onChangeText={onChange}
      onBlur={onBlur}
      multiline={lines !== undefined}
      numberOfLines={lines}
      className={`${lines ? "font-text" : "font-semi"} ${BOX}`}
    />
  );
}
