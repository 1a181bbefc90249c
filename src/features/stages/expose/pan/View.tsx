import { View } from "react-native";
import { pan } from "@/answers/expose/pan";
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
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
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
      {sweep && <Txt>{streakSentence(streaks)}</Txt>}
      {sweep &&
        left &&
        leftSentences(left, sweep.picture.along, found.motion.deliveredPixelUm).map((words) => (
          <Txt key={words}>{words}</Txt>
        ))}
      {start && <Txt>{warmUpSentence(start)}</Txt>}
    </View>
  );
}
