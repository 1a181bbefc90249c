import { View } from "react-native";
import { instant } from "@/answers/expose/instant";
import type { Instant as InstantFound } from "@/core/judge";
import { Stretch } from "@/ui/charts/Stretch";
import { Txt } from "@/ui/controls/Txt";
import { eventSentence, instantLines, shortTimeWords } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { Yours } from "../../reasons/Yours";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";

/** Where the instant may fall between the frames of a burst, both to one scale of time. */
function Burst({ instant: { event, frameEvery } }: { instant: InstantFound }) {
  if (!event || frameEvery === undefined) return null;
  const middle = frameEvery / 2;
  const apart = shortTimeWords(frameEvery);
  return (
    <Stretch
      scale={{
        kind: "linear",
        from: 0,
        until: 2 * frameEvery,
        ticks: [
          { at: 0, words: "a frame" },
          { at: frameEvery, words: apart },
          { at: 2 * frameEvery, words: shortTimeWords(2 * frameEvery) },
        ],
      }}
      bands={[{ from: middle - event.halfWidth, until: middle + event.halfWidth, tone: "sunFill" }]}
      isWritten
      says={`Frames ${apart} apart; the instant between them lasts ${shortTimeWords(2 * event.halfWidth)}`}
    />
  );
}

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
      <Burst instant={answer} />
      <View>
        {instantLines(answer, pixelUm).map(({ line, ...fact }) => (
          <SumFact key={line} of={["instant", line]} {...fact} />
        ))}
      </View>
      <Yours of="moment" />
    </View>
  );
}
