import { View } from "react-native";
import { readingOffset } from "@/core/light";
import { Row } from "@/ui/controls/Row";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { evWords, signedStops } from "@/words";
import { dropReading } from "@/outing/edits/reading";
import { useOuting } from "../stage/outing-context";

/** The readings of the place: where, when, and how far the light was from what was thought. */
export function Readings() {
  const { outing, wall, change } = useOuting();
  const toast = useToast();
  const { readings } = outing.light;
  return (
    <View role="region" aria-label="Readings">
      <Txt size={20} weight={700} role="heading" aria-level={2}>
        Light here
      </Txt>
      {readings.length === 0 && (
        <Txt tone="ink2">No reading yet. A test shot on Run, too dark or too bright, makes one.</Txt>
      )}
      {readings.map((reading) => {
        const zone = outing.ground.zones.find((z) => z.id === reading.zoneId)?.name ?? "";
        const words = `${signedStops(readingOffset(reading))} stops`;
        return (
          <Row
            key={reading.id}
            title={`${wall(reading.at)}, ${zone}`}
            detail={`${evWords(reading.modelEv)} expected, ${reading.dayShare >= 0.5 ? "mostly daylight" : "mostly lamps"}`}
            value={`${words} ✕`}
            says={`Reading at ${wall(reading.at)}, ${zone}, ${words}. Delete this reading`}
            onPress={() => {
              change(dropReading(reading.id));
              toast({
                words: "Reading deleted",
                undo: () =>
                  change((s) => ({ ...s, light: { ...s.light, readings: [...s.light.readings, reading] } })),
              });
            }}
          />
        );
      })}
    </View>
  );
}
