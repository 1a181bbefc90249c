import { View } from "react-native";
import { instantFound } from "@/core/judge";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { eventSentence, instantLines } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";

/** What lasts only an instant, what a burst makes of it, how long the burst runs, and where the focus stands meanwhile. */
export function Instant() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const cards = useOuting((v) => v.bag.cards);
  if (!input) return null;
  const fastest = cards.length > 0 ? Math.max(...cards.map((c) => c.writeMbPerSecond)) : undefined;
  const instant = instantFound(input, found, fastest);
  return (
    <View className="gap-2">
      <Txt size={18} weight={600}>
        {eventSentence(instant)}
      </Txt>
      <View>
        {instantLines(instant, found.motion.deliveredPixelUm).map(({ name, value }) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
    </View>
  );
}
