import { View } from "react-native";
import { IconButton } from "./Button";
import { Txt } from "./Txt";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly words: string;
  readonly min: number;
  readonly max: number;
  readonly onChange: (value: number) => void;
}

/** A small whole number with a press either side. */
export function Stepper({ label, value, words, min, max, onChange }: Props) {
  const go = (by: number) => (): void => onChange(Math.min(max, Math.max(min, value + by)));
  return (
    <View className="flex-row items-center justify-between gap-3">
      <View className="min-w-0 flex-1">
        <Txt size={14} tone="ink2">
          {label}
        </Txt>
        <Txt size={20} weight={700} aria-live="polite">
          {words}
        </Txt>
      </View>
      <View className="flex-row gap-2">
        <IconButton label={`Less: ${label}`} onPress={go(-1)} className="border-2 border-water">
          <Txt size={20} weight={700} tone="water">
            −
          </Txt>
        </IconButton>
        <IconButton label={`More: ${label}`} onPress={go(1)} className="border-2 border-water">
          <Txt size={20} weight={700} tone="water">
            +
          </Txt>
        </IconButton>
      </View>
    </View>
  );
}
