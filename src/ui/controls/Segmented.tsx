import { useRef } from "react";
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

/** Steps along the group that a key goes. */
const KEY_STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -1,
  ArrowUp: -1,
  ArrowRight: 1,
  ArrowDown: 1,
};

/** One of a few, all in view. A radio group: one stop of the Tab key, arrow keys choose. */
export function Segmented<Key extends string>({ label, segments, chosen, onChoose }: Props<Key>) {
  const group = useRef<View>(null);
  const at = segments.findIndex((s) => s.key === chosen);
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = KEY_STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = (Math.max(at, by > 0 ? -1 : 0) + by + segments.length) % segments.length;
    onChoose(segments[next]!.key);
    const radios = (group.current as unknown as Element | null)?.querySelectorAll<HTMLElement>(
      "[role=radio]",
    );
    radios?.[next]?.focus();
  };
  return (
    <View
      ref={group}
      role="radiogroup"
      aria-label={label}
      className="flex-row flex-wrap gap-2"
      {...({ onKeyDown } as object)}
    >
      {segments.map(({ key, label: words }, i) => (
        <Pressable
          key={key}
          role="radio"
          aria-checked={key === chosen}
          aria-label={words}
          tabIndex={i === Math.max(0, at) ? 0 : -1}
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
