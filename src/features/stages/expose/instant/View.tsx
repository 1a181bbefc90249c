import { View } from "react-native";
import { instant } from "@/answers/expose/instant";
import { Txt } from "@/ui/controls/Txt";
import { eventSentence, instantLines } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { Yours } from "../../reasons/Yours";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";

const HEAD = { size: 20, weight: 600 } as const;

/** What lasts only an instant, what a burst makes of it, how long the burst runs, and where the focus stands meanwhile. */
export function Instant() {
  const pixelUm = useFound((f) => f.motion.deliveredPixelUm);
  const answer = useOuting(instant);
  if (!answer) return null;
  return (
    <View className="gap-2">
      {answer.held === undefined ? (
        <Txt {...HEAD}>{eventSentence(answer)}</Txt>
      ) : (
        <SumText
          of={["instant", "held"]}
          title="The instant, by a burst alone"
          words={eventSentence(answer)}
          {...HEAD}
        />
      )}
      <View>
        {instantLines(answer, pixelUm).map(({ line, ...fact }) => (
          <SumFact key={line} of={["instant", line]} {...fact} />
        ))}
      </View>
      <Yours of="moment" />
    </View>
  );
}
