import { View } from "react-native";
import { OPENS, Txt, type Tone } from "./Txt";

interface Props {
  readonly name: string;
  readonly value: string;
  readonly tone?: Tone;
  /** Whether a press opens the figure to more. */
  readonly opens?: boolean;
}

/** What is told at the left, its figure at the right. */
export function FactLine({ name, value, tone = "ink", opens = false }: Props) {
  return (
    <View className="min-h-9 flex-row items-center justify-between gap-3 border-b border-line">
      <View className="min-w-0 shrink">
        <Txt tone={tone}>{name}</Txt>
      </View>
      <View className="max-w-[62%]">
        <Txt weight={600} tone={tone} className={`text-right ${opens ? OPENS : ""}`}>
          {value}
        </Txt>
      </View>
    </View>
  );
}
