import { Pressable, View } from "react-native";
import { Txt } from "./Txt";

interface Props<Key extends string> {
  readonly label: string;
  readonly options: readonly { readonly key: Key; readonly label: string }[];
  readonly on: readonly Key[];
  readonly onChange: (on: readonly Key[]) => void;
}

/** Several of several, all in view: each is in or out. */
export function Toggles<Key extends string>({ label, options, on, onChange }: Props<Key>) {
  return (
    <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
      {options.map((option) => {
        const chosen = on.includes(option.key);
        return (
          <Pressable
            key={option.key}
            role="checkbox"
            aria-checked={chosen}
            aria-label={option.label}
            onPress={() => onChange(chosen ? on.filter((k) => k !== option.key) : [...on, option.key])}
            className={`min-h-12 justify-center rounded-xl border-2 px-3 active:opacity-70 ${chosen ? "border-water bg-water" : "border-line"}`}
          >
            <Txt weight={600} tone={chosen ? "onWater" : "ink"}>
              {option.label}
            </Txt>
          </Pressable>
        );
      })}
    </View>
  );
}
