import { useState } from "react";
import { View } from "react-native";
import {
  crossingError,
  panDrill,
  panPictures,
  panShares,
  tellsFastEnough,
  turnedReadings,
  type PanDrill,
} from "@/answers/practice/pan";
import { measuredOf } from "@/answers/practice/runs";
import { Button } from "@/ui/controls/Button";
import { FactLine } from "@/ui/controls/FactLine";
import { Message } from "@/ui/controls/Message";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { ofHundred, shutterWords, speedWords } from "@/words";
import { absentSentence, type Absent } from "@/words/device";
import { crossingWords } from "@/words/practice";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { TakeAsOwn } from "../TakeAsOwn";
import { TwoPictures } from "../TwoPictures";
import { useDrill, type Drill } from "../use-drill";
import { figureOf } from "@/answers/frame/figure-of";
import { Crossing } from "./Crossing";
import { useCrossing } from "./use-crossing";

const COUNT = 10;
const FOLLOWS = [
  { key: "hand", label: "Finger, mouse or keys" },
  { key: "phone", label: "Turn the phone" },
] as const;

/** The subject of the shot crosses at its true angular speed; it is followed, and what the hand was off by is measured. */
export function Pan({ view }: DrillProps) {
  const drill = panDrill(view);
  const run = useDrill("pan", COUNT, "hand");
  if (!drill)
    return (
      <Message
        title="Nothing crosses here"
        body="Choose a shot of something that moves across, planned from a position."
      />
    );
  return <Follow key={`${run.seed} ${run.by}`} view={view} drill={drill} run={run} />;
}

function Follow({ view, drill, run }: DrillProps & { drill: PanDrill; run: Drill }) {
  const isPhone = run.by === "phone";
  const [said, setSaid] = useState<string>();
  const [trouble, setTrouble] = useState<Absent | "slow">();
  const crossing = useCrossing(drill, isPhone, {
    onOver: (readings, told) => {
      if (isPhone && !tellsFastEnough(told)) return setTrouble("slow");
      const found = crossingError(drill, isPhone ? turnedReadings(told, crossing.nearest() ?? 0) : readings);
      if (!found.ok) return setSaid("Not followed over the middle: try again.");
      setSaid(crossingWords(found.value));
      run.add(found.value);
    },
    onTrouble: setTrouble,
  });
  return (
    <View className="gap-3">
      <Segmented
        label="Followed by"
        segments={FOLLOWS}
        chosen={isPhone ? "phone" : "hand"}
        onChoose={(by) => run.again(by)}
      />
      <Txt tone="ink2">
        {`${view.subject.name}: ${speedWords(drill.task.speed)} at ${Math.round(drill.task.distance)} m, ${Math.round(drill.rate)}° a second where it is nearest.`}
      </Txt>
      <Crossing drill={drill} crossing={crossing} crosses={view.subject} />
      <Txt size={20} weight={600} role="status" aria-live="polite">
        {said ?? "Begin, then keep the ring on it; arrows left and right turn it by keys."}
      </Txt>
      {trouble && (
        <Txt tone="bracken">
          {trouble === "slow"
            ? "This phone tells its turning fewer than fifty times a second: too few to measure. Follow with the finger."
            : absentSentence("turning", trouble)}
        </Txt>
      )}
      {!crossing.isGoing && !run.isOver && (
        <Button
          label={run.tries.length === 0 ? "Begin" : "Next crossing"}
          kind="filled"
          onPress={crossing.start}
        />
      )}
      <Outcome drill="pan" of={run} count={COUNT} />
      {run.isOver && <Said drill={drill} run={run} />}
    </View>
  );
}

/** What a run's spread keeps at each shutter, the picture it would have given beside the perfect one, and whether it is taken as one's own. */
function Said({ drill, run }: { drill: PanDrill; run: Drill }) {
  const measured = measuredOf("pan", run.tries);
  if (!measured) return null;
  const { spread } = measured;
  return (
    <View className="gap-2">
      <View role="list" aria-label="Kept by shutter">
        {panShares(drill, spread).map(({ shutter, chance }) => (
          <View key={shutter} role="listitem">
            <FactLine name={`Kept at ${shutterWords(shutter)}`} value={ofHundred(chance)} />
          </View>
        ))}
      </View>
      <TwoPictures
        pictures={panPictures(drill, spread, ({ input, found, view: frame }) =>
          figureOf({ input, found, frame }),
        )}
        labels={["As you panned, at 1/60", "The perfect pan"]}
        of={`${run.seed}`}
      />
      {run.by === "phone" ? (
        <TakeAsOwn of="pan" measured={measured} label="Take it as your own spread" />
      ) : (
        <Txt size={14} tone="ink2">
          A finger, a mouse or keys train the eye: their figure enters no plan. The turning phone’s does,
          after a press.
        </Txt>
      )}
    </View>
  );
}
