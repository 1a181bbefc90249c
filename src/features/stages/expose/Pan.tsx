import { View } from "react-native";
import { panLadder, panLeft, streakExposure, sweepOf, warmUpRung } from "@/core/judge";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import {
  leftSentences,
  rungDetail,
  rungWords,
  streakSentence,
  sweepSentences,
  warmUpSentence,
} from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";
import { SweepDrawing } from "./SweepDrawing";

/** Lengths of lines that are told, as shares of the frame. */
const STREAKS = [0.05, 0.1, 0.2];

/** The ladder of a pan from the safe shutter to the bold one, and the sweep of the camera on a small plan. */
export function Pan() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!input) return null;
  const rungs = panLadder(input, found);
  const sweep = sweepOf(input);
  const left = sweep && panLeft(input, found, sweep);
  const start = warmUpRung(rungs);
  return (
    <View className="gap-2">
      {sweep && <SweepDrawing sweep={sweep} />}
      {sweep && sweepSentences(sweep).map((words) => <Txt key={words}>{words}</Txt>)}
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
      {rungs.length === 0 && <Txt>Nothing crosses the view from here: no pan is drawn.</Txt>}
      {sweep && (
        <Txt>
          {streakSentence(
            STREAKS.map((share) => ({ share, exposure: streakExposure(input, found, sweep, share) })),
          )}
        </Txt>
      )}
      {left &&
        leftSentences(left, sweep.picture.along, found.motion.deliveredPixelUm).map((words) => (
          <Txt key={words}>{words}</Txt>
        ))}
      {start && <Txt>{warmUpSentence(start)}</Txt>}
    </View>
  );
}
