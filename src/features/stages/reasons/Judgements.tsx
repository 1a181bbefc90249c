import { View } from "react-native";
import type { Judgement } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { judgementSentence } from "@/words";

const SIGN = { veto: "✕", caution: "!", note: "·" } as const;

/** What speaks against a place or a picture, the gravest first; a sign beside the colour. */
export function Judgements({ items }: { items: readonly Judgement[] }) {
  if (items.length === 0) return null;
  return (
    <View className="gap-1" role="list" aria-label="Watch out">
      {items.map((item) => (
        <View key={item.code} role="listitem" className="flex-row gap-2">
          <Txt weight={700} tone={item.weight === "note" ? "ink2" : "bracken"} className="w-4 text-center">
            {SIGN[item.weight]}
          </Txt>
          <Txt weight={item.weight === "note" ? 400 : 600} className="min-w-0 flex-1">
            {judgementSentence(item)}
          </Txt>
        </View>
      ))}
    </View>
  );
}
