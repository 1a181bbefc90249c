import type { ReactNode } from "react";
import { Pressable, View } from "react-native";
import { Txt, type Tone } from "./Txt";

interface Props {
  readonly title: string;
  readonly detail?: string;
  readonly value?: string;
  readonly valueTone?: Tone;
  readonly onPress: () => void;
  readonly chosen?: boolean;
  /** Said instead of title, detail and value. */
  readonly says?: string;
  /** What is drawn before its words. */
  readonly drawing?: ReactNode;
  /** What is drawn under its words. */
  readonly under?: ReactNode;
  /** A sentence to read rather than a name to press. */
  readonly plain?: boolean;
}

/** A line of a list that can be pressed: what it is, a detail under it, a value at the right. */
export function Row({
  title,
  detail,
  value,
  valueTone = "ink2",
  onPress,
  chosen,
  says,
  drawing,
  under,
  plain,
}: Props) {
  return (
    <Pressable
      role="button"
      aria-label={says ?? [title, detail, value].filter(Boolean).join(", ")}
      aria-pressed={chosen}
      onPress={onPress}
      className="min-h-14 flex-row flex-wrap items-center justify-between gap-3 border-b border-line py-2 active:opacity-70"
    >
      {drawing}
      <View className="min-w-0 flex-1">
        <Txt weight={plain ? 400 : 600} tone={plain ? "ink" : "water"}>
          {title}
        </Txt>
        {detail ? (
          <Txt size={14} tone="ink2">
            {detail}
          </Txt>
        ) : null}
      </View>
      {value ? (
        <Txt weight={600} tone={valueTone} className="text-right">
          {value}
        </Txt>
      ) : null}
      {under ? <View className="w-full">{under}</View> : null}
    </Pressable>
  );
}
