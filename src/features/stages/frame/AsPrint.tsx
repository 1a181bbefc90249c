import { useState } from "react";
import { View } from "react-native";
import { printFound } from "@/core/judge";
import { pixelsWanted, type Deliverable } from "@/core/optics";
import { editShot } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { FactLine } from "@/ui/controls/FactLine";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { printLines } from "@/words";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";

/** A sheet for a frame on a wall: centimetres, points per inch, metres from the eye (common practice). */
const BEGINNING = { long: 42, perInch: 300, from: 0.5 };

/** The picture as a print: the pixels that it wants, and what its viewer sees sharp. */
export function AsPrint() {
  const shot = useOuting((v) => v.shot);
  const input = useOuting((v) => v.input);
  const aspect = useOuting((v) => v.frame?.aspect ?? 1.5);
  const found = useFound((f) => f);
  const commit = useCommit();
  const [{ long, perInch, from }, setPrint] = useState(BEGINNING);
  if (!input) return null;
  const set = (edit: Partial<typeof BEGINNING>): void => setPrint({ long, perInch, from, ...edit });
  const print: Deliverable = {
    kind: "print",
    longEdgeMm: 10 * long,
    shortEdgeMm: (10 * long) / Math.max(aspect, 1 / aspect),
    pixelsPerInch: perInch,
    viewingDistance: from,
  };
  const wanted = pixelsWanted(print);
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="Long edge"
          unit="cm"
          value={long}
          min={5}
          max={500}
          onChange={(value) => set({ long: value })}
        />
        <NumberField
          label="Printed at"
          unit="per inch"
          value={perInch}
          min={30}
          max={1200}
          decimals={0}
          onChange={(value) => set({ perInch: value })}
        />
        <NumberField
          label="Seen from"
          unit="m"
          value={from}
          min={0.1}
          max={50}
          onChange={(value) => set({ from: value })}
        />
      </View>
      <View>
        {printLines(printFound(input, found, print), found.sighting.distance.value).map(({ name, value }) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
      {wanted === shot.deliveredLongEdgePx ? (
        <Txt tone="ink2">The shot is ordered at this size.</Txt>
      ) : (
        <Button
          label={`Order ${wanted} px for this shot`}
          onPress={() =>
            void commit(editShot(shot.id, { deliveredLongEdgePx: Math.min(30000, Math.max(200, wanted)) }))
          }
        />
      )}
    </View>
  );
}
