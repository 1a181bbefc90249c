import { View } from "react-native";
import { pan } from "@/answers/expose/pan";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import {
  leftSentences,
  shutterWords,
  rungDetail,
  rungWords,
  streakSentence,
  sweepSentences,
  warmUpSentence,
  type PanSentence,
} from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { Yours } from "../../reasons/Yours";
import { SweepDrawing } from "./SweepDrawing";

/** The ladder of a pan from the safe shutter to the bold one, and the sweep of the camera on a small plan. */
export function Pan() {
  const found = useFound((f) => f);
  const answer = useOuting(pan);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!answer) return null;
  const { rungs, sweep, left, streaks, start } = answer;
  return (
    <View className="gap-2">
      {sweep && <SweepDrawing sweep={sweep} />}
      {sweep && <Sentences sentences={sweepSentences(sweep)} />}
      <View>
        {rungs.map((rung) => (
          <Row
            key={rung.shutter}
            title={rungWords(rung)}
            detail={rungDetail(rung, found.motion.deliveredPixelUm)}
            chosen={rung.shutter === found.settings.settings.shutter}
            onPress={() => void commit(lockRails(choice.shotId, { ...choice.locked, shutter: rung.shutter }))}
          />
        ))}
      </View>
      <Yours of="pan" />
      {rungs.length === 0 && <Txt>Nothing crosses the view from here: no pan is drawn.</Txt>}
      {sweep && <Sentences sentences={[{ line: "streak", words: streakSentence(streaks) }]} />}
      {sweep && left && (
        <Sentences sentences={leftSentences(left, sweep.picture.along, found.motion.deliveredPixelUm)} />
      )}
      {start && (
        <SumText
          of="chance"
          where={{ locked: { shutter: start.shutter } }}
          title={`Keepers at ${shutterWords(start.shutter)}`}
          words={warmUpSentence(start)}
        />
      )}
    </View>
  );
}

/** What is said of the pan, each number a press away from its sum. */
const Sentences = ({ sentences }: { sentences: readonly PanSentence[] }) =>
  sentences.map(({ line, words }) => (
    <SumText key={words} of={line && ["pan", line]} title="Pan" words={words} />
  ));
