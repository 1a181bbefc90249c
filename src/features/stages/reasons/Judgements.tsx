import { View } from "react-native";
import { JUDGED } from "@/answers/explain/judged";
import type { Judgement } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { judgementSentence } from "@/words";
import { SumText } from "./SumText";

const SIGN = { veto: "✕", caution: "!", note: "·" } as const;

/** Its sentence, a press away from the sum of its number where it has one. */
function Said({ item }: { item: Judgement }) {
  const words = judgementSentence(item);
  const weight = item.weight === "note" ? 400 : 600;
  const opens = JUDGED[item.code];
  if (!opens) return <Txt weight={weight}>{words}</Txt>;
  return <SumText of={opens} title="What is said against it" words={words} weight={weight} />;
}

/** What speaks against a place or a picture, the gravest first; a sign beside the colour. */
export function Judgements({ items }: { items: readonly Judgement[] }) {
  if (items.length === 0) return null;
  return (
    <View className="gap-1" role="list" aria-label="Watch out">
      {items.map((item) => (
        <View key={item.code} role="listitem" className="flex-row items-baseline gap-2">
          <Txt weight={700} tone={item.weight === "note" ? "ink2" : "bracken"} className="w-4 text-center">
            {SIGN[item.weight]}
          </Txt>
          <View className="min-w-0 flex-1">
            <Said item={item} />
          </View>
        </View>
      ))}
    </View>
  );
}
