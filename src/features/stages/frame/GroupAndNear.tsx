import { useState } from "react";
import { View } from "react-native";
import { groupSharp, lensesServe } from "@/core/judge";
import { bellowsLoss } from "@/core/optics";
import { FactLine } from "@/ui/controls/FactLine";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { focalRangeWords, groupSentence, magnificationWords, metresWords, signedStops } from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";

/** Metres of the steps in which a group's spacing is told. */
const STEP = 0.5;
/** Who of a group is sharp with its leader, from where the other lenses take over, and how near this is as a magnification. */
export function GroupAndNear() {
  const input = useOuting((v) => v.input);
  const bag = useOuting((v) => v.bag);
  const found = useFound((f) => f);
  const [steps, setSteps] = useState(3);
  if (!input) return null;
  const { magnification } = found.sighting.frame;
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
      <View role="group" aria-label="Which lens from where">
        {lensesServe(input, found, bag.lenses).map(({ lens, to }) => (
          <FactLine
            key={lens.id}
            name={`${lens.name} (${focalRangeWords(lens)}) fills it`}
            value={`to ${metresWords(to)} away`}
          />
        ))}
      </View>
      <FactLine name="Magnification" value={magnificationWords(magnification)} />
      <FactLine name="Light lost by focusing so near" value={signedStops(-bellowsLoss(magnification))} />
    </View>
  );
}
