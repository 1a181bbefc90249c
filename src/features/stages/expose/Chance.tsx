import { View } from "react-native";
import { keeperCurve, type KeeperPoint } from "@/core/judge";
import { chanceFromLog } from "@/core/motion";
import { keepersBy } from "@/core/review";
import { ShareCurve } from "@/ui/charts/ShareCurve";
import { FactLine } from "@/ui/controls/FactLine";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { causesOf, clickBuys, keptSentence, logSays, shutterWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";

/** Clicks either side of the shutter found that the curve shows. */
const AROUND = 9;
/** Clicks of the ways that are offered beside it. */
const OFFERED = [-3, -1, 1, 3];

/** How often a frame comes off at each shutter, what each cause alone would leave, what a click buys, and one's own count. */
export function Chance() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const log = useOuting((v) => v.outing.log);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!input) return null;
  const { rails, settings } = found.settings;
  const at = settings.shutter;
  const from = Math.max(rails.shutter.first, Math.min(at - AROUND, rails.shutter.last - 2 * AROUND));
  const points = keeperCurve(input, found, { from, to: Math.min(rails.shutter.last, from + 2 * AROUND) });
  const here = points.find((p) => p.shutter === at);
  if (!here) return null;
  const mine = keepersBy(
    "shutter",
    log.filter((s) => s.shotId === choice.shotId),
  );
  const counted = mine.find((row) => row.click === at);
  const panned = found.motion.pan !== undefined;
  return (
    <View className="gap-2">
      <Txt size={20} weight={700}>
        {keptSentence(here.chance, found.motion.held.name)}
      </Txt>
      <ShareCurve
        label="Frames of a hundred that hold, by shutter"
        points={points.map((p) => ({ at: p.shutter, share: p.chance }))}
        counted={mine
          .filter((row) => row.click >= from && row.click <= from + 2 * AROUND)
          .map((row) => ({ at: row.click, share: row.share, low: row.low, high: row.high }))}
        marked={at}
        wordsAt={shutterWords}
        every={6}
      />
      {counted && <Txt>{logSays(counted, chanceFromLog(here.chance, counted))}</Txt>}
      {causesOf(here, panned).map(({ cause, name, words }) => (
        <FactLine key={cause} name={name} value={words} />
      ))}
      <Offered
        points={points}
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
  readonly points: readonly KeeperPoint[];
  readonly here: KeeperPoint;
  readonly onTake: (shutter: number) => void;
}

/** What one click and a stop either way buy; a press holds that shutter. */
function Offered({ points, here, onTake }: OfferedProps) {
  return OFFERED.map((by) => {
    const there = points.find((p) => p.shutter === here.shutter + by);
    if (!there) return null;
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
