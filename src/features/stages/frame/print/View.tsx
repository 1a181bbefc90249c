import { View } from "react-native";
import { print } from "@/answers/frame/print";
import type { PrintOrder } from "@/core/scene";
import { editShot } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { NumberField } from "@/ui/controls/NumberField";
import { Txt } from "@/ui/controls/Txt";
import { printLines } from "@/words";
import { SumFact } from "../../reasons/SumFact";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** The picture as a print: the pixels that it wants, and what its viewer sees sharp. It stays with the shot. */
export function AsPrint() {
  const shot = useOuting((v) => v.shot);
  const answer = useOuting(print);
  const commit = useCommit();
  if (!answer) return null;
  const { order, wanted, found, away } = answer;
  const set = (edit: Partial<PrintOrder>): void =>
    void commit(editShot(shot.id, { print: { ...order, ...edit } }));
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-4">
        <NumberField
          label="Long edge"
          unit="cm"
          value={order.longEdgeMm / 10}
          min={5}
          max={500}
          onChange={(cm) => set({ longEdgeMm: 10 * cm })}
        />
        <NumberField
          label="Printed at"
          unit="per inch"
          value={order.pixelsPerInch}
          min={30}
          max={1200}
          decimals={0}
          onChange={(pixelsPerInch) => set({ pixelsPerInch })}
        />
        <NumberField
          label="Seen from"
          unit="m"
          value={order.viewingDistance}
          min={0.1}
          max={50}
          onChange={(viewingDistance) => set({ viewingDistance })}
        />
      </View>
      <View>
        {printLines(found, away).map(({ line, ...fact }) => (
          <SumFact key={fact.name} of={line && ["print", line]} {...fact} />
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
