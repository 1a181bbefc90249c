import { View } from "react-native";
import { instant } from "@/answers/expose/instant";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { eventSentence, instantLines } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";

/** What lasts only an instant, what a burst makes of it, how long the burst runs, and where the focus stands meanwhile. */
export function Instant() {
  const pixelUm = useFound((f) => f.motion.deliveredPixelUm);
  const answer = useOuting(instant);
  if (!answer) return null;
  return (
    <View className="gap-2">
      <Txt size={18} weight={600}>
        {eventSentence(answer)}
      </Txt>
      <View>
        {instantLines(answer, pixelUm).map(({ name, value }) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
    </View>
  );
}
