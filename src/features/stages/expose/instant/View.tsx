import { View } from "react-native";
import { instant } from "@/answers/expose/instant";
import { instantSums } from "@/answers/expose/instant-sums";
import { eventSentence, instantLines } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";

/** What lasts only an instant, what a burst makes of it, how long the burst runs, and where the focus stands meanwhile. */
export function Instant() {
  const pixelUm = useFound((f) => f.motion.deliveredPixelUm);
  const answer = useOuting(instant);
  if (!answer) return null;
  return (
    <View className="gap-2">
      <SumText
        of={(v) => instantSums(v)?.held}
        title="The instant, by a burst alone"
        words={eventSentence(answer)}
        size={18}
        weight={600}
      />
      <View>
        {instantLines(answer, pixelUm).map(({ line, ...fact }) => (
          <SumFact key={line} of={(v) => instantSums(v)?.[line]} {...fact} />
        ))}
      </View>
    </View>
  );
}
