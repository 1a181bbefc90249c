import { View } from "react-native";
import { drawnZoneAt, NEW_ZONE_SIDE, shiftLightAt } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords, metresWords, signedClicks } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useToldChange } from "../../../outing/use-told-change";
import { useOuting } from "../../../outing/use-outing";

const STEPS = [1, 2, 3, 4, 6];
const WAYS = [
  { sign: -1, word: "Darker" },
  { sign: 1, word: "Brighter" },
] as const;

/** The light at the spot in hand told against the rest of the ground: a light zone about it, or the one it lies in, moved by clicks. */
export function LightDiffers({ onClose }: { onClose: () => void }) {
  const spot = useOuting((v) => v.spot);
  const zones = useOuting((v) => v.outing.ground.zones.length);
  const zone = useOuting((v) => drawnZoneAt(v.outing, v.spot.id));
  const told = useToldChange();
  const shift = async (clicks: number, word: string): Promise<void> => {
    onClose();
    await told(
      shiftLightAt(spot.id, clicks),
      `${spot.name}: ${word.toLowerCase()} by ${clicksWords(Math.abs(clicks))}`,
    );
  };
  const keys = (
    <View className="gap-3">
      {WAYS.map(({ sign, word }) => (
        <View key={word} className="gap-1" role="group" aria-label={`${word} here by`}>
          <Txt weight={600}>{`${word} here, in clicks`}</Txt>
          <View className="flex-row gap-2">
            {STEPS.map((clicks) => (
              <Button
                key={clicks}
                label={String(clicks)}
                says={`${word} here by ${clicksWords(clicks)}`}
                onPress={() => void shift(sign * clicks, word)}
                className="h-16 flex-1 px-0"
              />
            ))}
          </View>
        </View>
      ))}
    </View>
  );
  return (
    <View className="gap-3">
      <Txt tone="ink2">
        {zone
          ? `${spot.name} lies in the light zone ${zone.name}, ${signedClicks(zone.offsetClicks)} now: its difference is moved.`
          : `A light zone ${metresWords(NEW_ZONE_SIDE)} wide is put about ${spot.name}; draw its edge on Ground when there is time.`}
      </Txt>
      {zone ? (
        keys
      ) : (
        <WhileRoom things="light zones" count={zones}>
          {keys}
        </WhileRoom>
      )}
    </View>
  );
}
