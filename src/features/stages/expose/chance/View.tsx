import { View } from "react-native";
import { chance } from "@/answers/expose/chance";
import type { KeeperPoint } from "@/core/judge";
import { ShareCurve } from "@/ui/charts/ShareCurve";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { causesOf, clickBuys, keptSentence, logSays, ofHundred, shutterWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";

/** How often a frame comes off at each shutter, what each cause alone would leave, what a click buys, and one's own count. */
export function Chance() {
  const found = useFound((f) => f);
  const answer = useOuting(chance);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!answer) return null;
  const { curve, here, offered, counted, mine, instant } = answer;
  const kept = keptSentence(here.chance, found.motion.held.name);
  const panned = found.motion.pan !== undefined;
  return (
    <View className="gap-2">
      <SumText of="chance" title="Chance of a keeper" words={kept} size={20} weight={700} />
      <ShareCurve
        label="Frames of a hundred that hold, by shutter"
        points={curve.map((p) => ({ at: p.shutter, share: p.chance }))}
        counted={counted.map((row) => ({
          at: row.click,
          share: row.share,
          low: row.low,
          high: row.high,
        }))}
        marked={here.shutter}
        wordsAt={shutterWords}
        every={6}
      />
      {mine && <SumText of={["mine"]} title="With your own count" words={logSays(mine, mine.chance)} />}
      {causesOf(here, panned).map(({ cause, name, words }) => (
        <SumFact key={cause} of={["cause", cause]} name={name} value={words} />
      ))}
      {instant !== undefined && (
        <SumFact of={["instant", "held"]} name="The instant, by a burst alone" value={ofHundred(instant)} />
      )}
      <Offered
        offered={offered}
        here={here}
        onTake={(shutter) => void commit(lockRails(choice.shotId, { ...choice.locked, shutter }))}
      />
      <Txt size={14} tone="ink2">
        Each cause alone; together they are taken as independent. The speed of the subject varies between
        typical and fast, the hand as a still one at the reciprocal rule: assumed, and mended by what you
        count in Review.
      </Txt>
    </View>
  );
}

interface OfferedProps {
  readonly offered: readonly KeeperPoint[];
  readonly here: KeeperPoint;
  readonly onTake: (shutter: number) => void;
}

/** What one click and a stop either way buy; a press holds that shutter. */
function Offered({ offered, here, onTake }: OfferedProps) {
  return offered.map((there) => {
    const by = there.shutter - here.shutter;
    return (
      <Row
        key={by}
        title={clickBuys(here, there)}
        detail={`${Math.abs(by) === 1 ? "one click" : "a stop"} ${by > 0 ? "faster, less light" : "slower, more light"}`}
        onPress={() => onTake(there.shutter)}
      />
    );
  });
}
