import { View } from "react-native";
import { readingsTold } from "@/answers/review/light-here";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { countWords, evWords, signedStops } from "@/words";
import { dropReading } from "@/outing/edits/reading";
import type { OutingView } from "@/outing/outing-view";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";
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
      {told.map(({ reading, offset }) => {
        const zone = outing.ground.zones.find((z) => z.id === reading.zoneId)?.name ?? "";
        const words = `${signedStops(offset)} stops`;
        return (
          <Row
            key={reading.id}
            title={`${wallOf({ outing }, reading.at)}, ${zone}`}
            detail={`${evWords(reading.modelEv)} expected, ${reading.dayShare >= 0.5 ? "mostly daylight" : "mostly lamps"}`}
            value={`${words} ✕`}
            says={`Reading at ${wallOf({ outing }, reading.at)}, ${zone}, ${words}. Delete this reading`}
            onPress={() => {
              void toldChange(dropReading(reading.id), "Reading deleted");
            }}
          />
        );
      })}
    </View>
  );
}
