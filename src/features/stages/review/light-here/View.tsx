import { View } from "react-native";
import { readingsTold } from "@/answers/review/light-here";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { countWords, evWords, signedStops } from "@/words";
import { dropReading } from "@/outing/edits/reading";
import type { OutingView } from "@/outing/outing-view";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
import { SumFact } from "../../reasons/SumFact";
import { wallOf } from "../../shot/titles";

export const readingsAnswer = ({ outing }: OutingView): string => {
  const { length } = outing.light.readings;
  return length === 0 ? "no reading yet" : countWords(length, "reading");
};

/** The readings of the place: where, when, and how far the light was from what was thought. */
export function Readings() {
  const outing = useOuting((v) => v.outing);
  const toldChange = useToldChange();
  const told = useOuting(readingsTold);
  return (
    <View role="group" aria-label="Readings">
      {told.length === 0 && (
        <Txt tone="ink2">No reading yet. A test shot on Run, too dark or too bright, makes one.</Txt>
      )}
      {told.map((one) => {
        const { reading, offset } = one;
        const zone = outing.ground.zones.find((z) => z.id === reading.zoneId)?.name ?? "";
        const words = `${signedStops(offset)} stops`;
        const name = `${wallOf({ outing }, reading.at)}, ${zone}`;
        return (
          <View key={reading.id} className="flex-row items-center gap-2 border-b border-line">
            <View className="min-w-0 flex-1 py-1">
              <SumFact of={["reading", one]} name={name} value={words} />
              <Txt size={14} tone="ink2">
                {`${evWords(reading.modelEv)} expected, ${reading.dayShare >= 0.5 ? "mostly daylight" : "mostly lamps"}`}
              </Txt>
            </View>
            <Button
              label="✕"
              says={`Delete the reading at ${name}, ${words}`}
              kind="plain"
              onPress={() => void toldChange(dropReading(reading.id), "Reading deleted")}
            />
          </View>
        );
      })}
    </View>
  );
}
