import { memo } from "react";
import { Pressable, useWindowDimensions, View } from "react-native";
import { Txt, type Tone } from "@/ui/controls/Txt";

export interface Shown {
  readonly key: string;
  readonly value: string;
  readonly label: string;
  readonly tone?: Tone;
}

interface Props {
  readonly figures: readonly Shown[];
  /** The figure whose reasons are open. */
  readonly asked?: string;
  readonly onAsk: (key: string) => void;
}

/** The figures that matter, each a press away from its reasons. */
export function Figures({ figures, asked, onAsk }: Props) {
  return (
    <View className="flex-row justify-between gap-2">
      {figures.map(({ key, ...figure }) => (
        <Figure key={key} id={key} {...figure} asked={asked === key} onAsk={onAsk} />
      ))}
    </View>
  );
}

/** Px of width under which four values stand side by side only in smaller type. */
const NARROW = 380;

interface FigureProps extends Omit<Shown, "key"> {
  readonly id: string;
  readonly asked: boolean;
  readonly onAsk: (key: string) => void;
}

const Figure = memo(function Figure({ id, value, label, tone = "ink", asked, onAsk }: FigureProps) {
  const narrow = useWindowDimensions().width < NARROW;
  return (
    <Pressable
      role="button"
      aria-label={`${value}, ${label}. Why?`}
      aria-expanded={asked}
      onPress={() => onAsk(id)}
      className={`min-h-12 shrink border-b-2 active:opacity-70 ${asked ? "border-water" : "border-transparent"}`}
    >
      <Txt size={narrow ? 16 : 20} weight={700} tone={tone} className="whitespace-nowrap">
        {value}
      </Txt>
      <Txt size={14} tone="ink2">
        {label}
      </Txt>
    </Pressable>
  );
});
