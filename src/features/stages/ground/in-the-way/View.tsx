import { View } from "react-native";
import { sight, type Sight, type ThingBehind, type WayPast } from "@/answers/ground/in-the-way";
import { movePosition } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { evWords, metresWords, obstacleWords, percentWords, softnessWords, swatchWords } from "@/words";
import { faceShareSentence, levelSentence, skyBehindSentence, wayToClearWords } from "@/words/sight";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { onPlan } from "../drawing/on-plan";

/** What lies between here and the subject, what stands behind it and how to be rid of it, the sky, and the faces. */
export function SightFromHere() {
  const answer = useOuting(sight);
  const { arrows, setArrows } = onPlan.useSlice((s) => s);
  if (!answer) return null;
  const { level, sky, faces } = answer;
  return (
    <View className="gap-4">
      <InTheWay {...answer} />
      {answer.behind.length === 0 && <Txt>Nothing built or grown stands behind in the frame.</Txt>}
      {answer.behind.map((behind) => (
        <Behind key={behind.thing.id} {...behind} />
      ))}
      <SumText of="heightAngle" title="How steep you look" words={levelSentence(level)} />
      {sky && <Txt>{skyBehindSentence(sky, evWords(sky.ev))}</Txt>}
      {faces.map((share) => (
        <Txt key={share.code}>{faceShareSentence(share)}</Txt>
      ))}
      <CheckRow title="Show where every position looks" checked={arrows} onChange={setArrows} />
    </View>
  );
}

/** The ways that help, shortest first; a press goes there. */
function Ways({ ways, none }: { ways: readonly WayPast[]; none: string }) {
  const { store } = useOpenOuting();
  const commit = useCommit();
  const toast = useToast();
  if (ways.length === 0) return <Txt tone="ink2">{none}</Txt>;
  const go = ({ to }: WayPast): void => {
    const { position } = store.getState().view;
    if (!position) return;
    const { id, name, at, lensHeight } = position;
    void commit(movePosition(id, to));
    toast({ words: `${name} moved`, undo: () => commit(movePosition(id, { at, lensHeight })) });
  };
  return (
    <View className="flex-row flex-wrap gap-2">
      {ways.map((way) => (
        <Button key={way.way} label={wayToClearWords(way.way, way.by)} onPress={() => go(way)} />
      ))}
    </View>
  );
}

function InTheWay({ hidden, inTheWay, past }: Sight) {
  if (hidden.share === 0) return <Txt>Nothing stands in the way of the subject.</Txt>;
  const names = inTheWay.map(({ name, away }) =>
    away === undefined ? name : `${name}, ${metresWords(away)} ahead`,
  );
  return (
    <View className="gap-2">
      <Txt weight={600}>
        {`${percentWords(hidden.share)} of it is hidden${hidden.head ? ", its head too" : ""}: ${names.join("; ")}. To see all of it:`}
      </Txt>
      <Ways ways={past} none="No step aside or height up to 12 m clears it. Take another position." />
    </View>
  );
}

function Behind({ thing, seen, detail, ways }: ThingBehind) {
  const colour = thing.look?.colour ? `, ${swatchWords(thing.look.colour).toLowerCase()}` : "";
  const coarse = detail === undefined ? "no detail" : `detail of ${metresWords(detail)}`;
  return (
    <View className="gap-2">
      <SumText
        of={["behind", thing.id]}
        title={`${thing.name} behind the subject`}
        words={`${thing.name} behind, ${metresWords(seen.beyond)} farther: ${softnessWords(seen)}`}
        weight={600}
      />
      <Txt size={14} tone="ink2">
        {`${obstacleWords(thing.kind)}, ${coarse}${colour}. To have it out of the frame:`}
      </Txt>
      <Ways ways={ways} none="No step up to 15 m takes it out. Turn to another side." />
    </View>
  );
}
