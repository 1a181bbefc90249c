import { View } from "react-native";
import { OPENS, Txt, type Tone } from "./Txt";

interface Props {
  readonly name: string;
  readonly value: string;
  readonly tone?: Tone;
  /** Whether it stands in a table rather than by itself. */
  readonly inTable?: boolean;
  /** Whether a press opens the figure to more. */
  readonly opens?: boolean;
}

/** What is told at the left, its figure at the right. */
export function FactLine({ name, value, tone = "ink", inTable = false, opens = false }: Props) {
  const role = inTable ? "cell" : undefined;
  return (
    <View
      role={inTable ? "row" : undefined}
      className="min-h-9 flex-row items-center justify-between gap-3 border-b border-line"
    >
      <View role={role} className="min-w-0 shrink">
        <Txt tone={tone}>{name}</Txt>
      </View>
      <View role={role} className="max-w-[62%]">
        <Txt weight={600} tone={tone} className={`text-right ${opens ? OPENS : ""}`}>
          {value}
        </Txt>
      </View>
    </View>
  );
}
