import { useState } from "react";
import { View } from "react-native";
import { groupOf, near, nearFor, ringHolds, type Near } from "@/answers/frame/groups";
import { standAlong } from "@/outing/edits";
import { Stretch, type StretchScale } from "@/ui/charts/Stretch";
import { Button } from "@/ui/controls/Button";
import { NumberField } from "@/ui/controls/NumberField";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import {
  focalRangeWords,
  focusRingSentence,
  groupSentence,
  magnificationWords,
  metresWords,
  nearForSentence,
  rowSentence,
  signedStops,
  takeOverSentence,
} from "@/words";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";

/** Metres of the steps in which a group's spacing is told. */
const STEP = 0.5;

/** Who of a group is sharp with its leader, from where the other lenses take over, and how near this is as a magnification. */
export function GroupAndNear() {
  return (
    <View className="gap-3">
      <Group />
      <OtherLenses />
      <FocusRing />
      <Magnification />
    </View>
  );
}

/** One behind the other, and the faces of a row. */
function Group() {
  const view = useOuting((v) => v);
  const [steps, setSteps] = useState(3);
  const [count, setCount] = useState(3);
  const spacing = steps * STEP;
  const group = groupOf(view, spacing, count);
  if (!group) return null;
  return (
    <>
      <Stepper
        label="A group, one behind the other by"
        value={steps}
        words={metresWords(spacing)}
        min={1}
        max={40}
        onChange={setSteps}
      />
      <SumText
        of={["sharpBefore", spacing]}
        title="Sharp with the leader"
        words={groupSentence(group.sharp.before, group.sharp.behind)}
      />
      <Stepper
        label="Faces in that row"
        value={count}
        words={String(count)}
        min={2}
        max={12}
        onChange={setCount}
      />
      <SumText
        of={["row", spacing, count]}
        title="All faces of the row sharp"
        words={rowSentence(group.row)}
      />
    </>
  );
}

/** Metres that stand on the scale of distances. */
const TICKS = [0.1, 0.3, 1, 3, 10, 30, 100, 300, 1000];

/** From the nearest that a lens focuses to the farthest that is reached, and to the subject. */
function distancesOf(serves: Near["serves"], distance: number): StretchScale {
  const from = Math.min(distance, ...serves.map(({ lens }) => lens.closestFocus));
  const until = Math.max(distance, ...serves.map(({ to }) => to));
  const ticks = TICKS.filter((at) => at > 1.2 * from && at < until / 1.2);
  return {
    kind: "log",
    from,
    until,
    ticks: [from, ...ticks, until].map((at) => ({ at, words: metresWords(at) })),
  };
}

/** From where each lens focuses to where it still fills the frame; the dot is the subject. */
function OtherLenses() {
  const answer = useOuting(near);
  const distance = useFound((f) => f.sighting.distance);
  const bodies = useOuting((v) => v.bag.bodies.length);
  if (!answer) return null;
  const scale = distancesOf(answer.serves, distance);
  return (
    <>
      <View role="group" aria-label="Which lens from where">
        {answer.serves.map(({ lens, to }, i) => (
          <View key={lens.id}>
            <SumFact
              of={["serves", lens]}
              name={`${lens.name} (${focalRangeWords(lens)}) fills it`}
              value={`to ${metresWords(to)} away`}
            />
            <Stretch
              scale={scale}
              bands={[{ from: lens.closestFocus, until: to, tone: "water" }]}
              dots={[distance]}
              isWritten={i === answer.serves.length - 1}
            />
          </View>
        ))}
      </View>
      {answer.over && (
        <SumText
          of={["takeOver"]}
          title="Where another lens takes over"
          words={takeOverSentence(answer.over, bodies)}
        />
      )}
    </>
  );
}

/** The distance read off the ring, against where the subject is. */
function FocusRing() {
  const view = useOuting((v) => v);
  const sighting = useFound((f) => f.sighting);
  const answer = useOuting(near);
  const [marked, setMarked] = useState<number>();
  const held = marked === undefined ? undefined : ringHolds(view, marked);
  if (!answer) return null;
  return (
    <>
      <View className="flex-row">
        <NumberField
          label="Read off the focus ring"
          unit="m"
          value={marked ?? answer.marked}
          min={0.05}
          max={1000}
          decimals={2}
          onChange={setMarked}
        />
      </View>
      {held && <Txt>{focusRingSentence(held, sighting)}</Txt>}
    </>
  );
}

/** The picture as a magnification, and one that is wished, with the distance that gives it. */
function Magnification() {
  const view = useOuting((v) => v);
  const answer = useOuting(near);
  const commit = useCommit();
  const [oneTo, setOneTo] = useState<number>();
  const wished = oneTo === undefined ? undefined : nearFor(view, 1 / oneTo);
  const { position } = view;
  if (!answer) return null;
  return (
    <>
      <SumFact of="magnification" name="Magnification" value={magnificationWords(answer.magnification)} />
      <SumFact of="closeUpLoss" name="Light lost by focusing so near" value={signedStops(-answer.lost)} />
      <View className="flex-row">
        <NumberField
          label="A magnification of 1 to"
          unit=""
          value={oneTo ?? Math.min(1000, Math.max(0.1, 1 / answer.magnification))}
          min={0.1}
          max={1000}
          decimals={1}
          onChange={setOneTo}
        />
      </View>
      {wished && oneTo !== undefined && <Txt>{nearForSentence(1 / oneTo, wished)}</Txt>}
      {wished && position && !wished.tooNear && (
        <Button
          label={`Stand ${metresWords(wished.distance)} away`}
          onPress={() => void commit(standAlong(position.id, wished))}
        />
      )}
    </>
  );
}
