import { useState } from "react";
import { View } from "react-native";
import { facesInRow, groupSharp, lensesServe, takeOver } from "@/core/judge";
import { bellowsLoss, distanceFromMark, markedDistance } from "@/core/optics";
import { FactLine } from "@/ui/controls/FactLine";
import { NumberField } from "@/ui/controls/NumberField";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import {
  focalRangeWords,
  focusRingSentence,
  groupSentence,
  magnificationWords,
  metresWords,
  rowSentence,
  signedStops,
  takeOverSentence,
} from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";

/** Metres of the steps in which a group's spacing is told. */
const STEP = 0.5;
/** Who of a group is sharp with its leader, from where the other lenses take over, and how near this is as a magnification. */
export function GroupAndNear() {
  const input = useOuting((v) => v.input);
  const bag = useOuting((v) => v.bag);
  const found = useFound((f) => f);
  const [steps, setSteps] = useState(3);
  const [count, setCount] = useState(3);
  const [marked, setMarked] = useState<number>();
  if (!input) return null;
  const { magnification, focalLengthMm } = found.sighting.frame;
  const over = takeOver(input, found, bag.lenses);
  const spacing = steps * STEP;
  const { before, behind } = groupSharp(found, spacing);
  return (
    <View className="gap-3">
      <Stepper
        label="A group, one behind the other by"
        value={steps}
        words={metresWords(spacing)}
        min={1}
        max={40}
        onChange={setSteps}
      />
      <Txt>{groupSentence(before, behind)}</Txt>
      <Stepper
        label="Faces in that row"
        value={count}
        words={String(count)}
        min={2}
        max={12}
        onChange={setCount}
      />
      <Txt>{rowSentence(facesInRow(input, found, count, spacing))}</Txt>
      <View role="group" aria-label="Which lens from where">
        {lensesServe(input, found, bag.lenses).map(({ lens, to }) => (
          <FactLine
            key={lens.id}
            name={`${lens.name} (${focalRangeWords(lens)}) fills it`}
            value={`to ${metresWords(to)} away`}
          />
        ))}
      </View>
      {over && <Txt>{takeOverSentence(over)}</Txt>}
      <View className="flex-row">
        <NumberField
          label="Read off the focus ring"
          unit="m"
          value={marked ?? markedDistance(focalLengthMm, found.sighting.distance.value)}
          min={0.05}
          max={1000}
          decimals={2}
          onChange={setMarked}
        />
      </View>
      {marked !== undefined && (
        <Txt>{focusRingSentence(distanceFromMark(focalLengthMm, marked), found.sighting)}</Txt>
      )}
      <FactLine name="Magnification" value={magnificationWords(magnification)} />
      <FactLine name="Light lost by focusing so near" value={signedStops(-bellowsLoss(magnification))} />
    </View>
  );
}
