import { Pressable, View } from "react-native";
import { Txt } from "./Txt";

export interface Segment<Key extends string> {
  readonly key: Key;
  readonly label: string;
}

interface Props<Key extends string> {
  readonly label: string;
  readonly segments: readonly Segment<Key>[];
  readonly chosen: Key;
  readonly onChoose: (key: Key) => void;
}

/** One of a few, all in view. A radio group for the keyboard and the screen reader. */
export function Segmented<Key extends string>({ label, segments, chosen, onChoose }: Props<Key>) {
  return (
    <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
      {segments.map(({ key, label: words }) => (
        <Pressable
          key={key}
          role="radio"
          aria-checked={key === chosen}
          aria-label={words}
          onPress={() => onChoose(key)}
          className={`min-h-12 justify-center rounded-xl border-2 px-3 active:opacity-70 ${key === chosen ? "border-water bg-water" : "border-line"}`}
        >
          <Txt weight={600} tone={key === chosen ? "onWater" : "ink"}>
            {words}
          </Txt>
        </Pressable>
      ))}
    </View>
  );
}
