import { useMemo, useState } from "react";
import { View } from "react-native";
import { aimOf, bearingTo } from "@/core/ground";
import { likeAgain, lightSide, type LightSide } from "@/core/light";
import { angleBetween } from "@/core/units";
import { localDay, wallTimeOf } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { dateWords, timeWords } from "@/words";
import { useOuting } from "../../outing/use-outing";

const SIDES: readonly { readonly key: LightSide; readonly label: string }[] = [
  { key: "front", label: "Front-lit" },
  { key: "side", label: "Side-lit" },
  { key: "back", label: "Back-lit" },
];
const HEIGHTS = [
  { key: "low", label: "Low, to 10°", altitudes: [0, 10] },
  { key: "golden", label: "10° to 25°", altitudes: [10, 25] },
  { key: "middle", label: "25° to 45°", altitudes: [25, 45] },
  { key: "high", label: "Over 45°", altitudes: [45, 90] },
] as const;
type Height = (typeof HEIGHTS)[number]["key"];

/** Days that are looked at in one go, and entries that are listed. */
const DAYS = 60;
const MOST = 14;
const DAY = 86_400_000;

const dateOf = (at: number): string => new Date(at).toISOString().slice(0, 10);

/** When the sun shines on the spot again from a wished side and height as seen from the position, from the outing's day on. */
export function LookAhead() {
  const outing = useOuting((v) => v.outing);
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  const sun = useOuting((v) => v.scene.sun);
  const toCamera = position ? bearingTo(spot.at, position.at) : spot.facing;
  const up = sun.apparentAltitude;
  const [side, setSide] = useState<LightSide>(() => lightSide(angleBetween(sun.azimuth, toCamera)));
  const [height, setHeight] = useState<Height>(
    () => HEIGHTS.find(({ altitudes: [low, high] }) => up >= low && up < high)?.key ?? "low",
  );
  const [gone, setGone] = useState(0);
  const { date, timeZone, ground } = outing;
  const found = useMemo(() => {
    const first = Date.parse(`${date}T12:00:00Z`) + gone * DAYS * DAY;
    const days = Array.from({ length: DAYS }, (_, i) =>
      localDay({ date: dateOf(first + i * DAY), timeZone }),
    );
    const { altitudes } = HEIGHTS.find((h) => h.key === height)!;
    const { anchor: place, obstacles } = ground;
    return likeAgain({ place, point: aimOf(ground, spot), obstacles, toCamera, side, altitudes, days });
  }, [date, timeZone, ground, spot, toCamera, side, height, gone]);
  const words = (at: number): string => timeWords(wallTimeOf(at, timeZone));
  return (
    <View className="gap-2">
      <Txt weight={700}>{`When is the light at ${spot.name} like this again?`}</Txt>
      <Segmented label="Side of the sun" segments={SIDES} chosen={side} onChoose={setSide} />
      <Segmented label="Height of the sun" segments={HEIGHTS} chosen={height} onChoose={setHeight} />
      <View role="list" aria-label="When the light is like this">
        {found.slice(0, MOST).map(({ from, until }) => (
          <View key={from} role="listitem" className="border-b border-line py-1">
            <Txt>{`${dateWords(dateOf(from))}, ${words(from)} to ${words(until)}`}</Txt>
          </View>
        ))}
      </View>
      <Txt size={14} tone="ink2">
        {found.length === 0
          ? `Not within ${DAYS} days. Take another side or height, or look further.`
          : found.length > MOST
            ? `and ${found.length - MOST} times more within these ${DAYS} days, if the sky is clear.`
            : "If the sky is clear."}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button label={`Look ${DAYS} days further`} onPress={() => setGone(gone + 1)} />
        {gone > 0 && <Button label="From the outing’s day" kind="plain" onPress={() => setGone(0)} />}
      </View>
    </View>
  );
}
