import { useState } from "react";
import { View } from "react-native";
import { likeThis, LOOKED_AHEAD, sideNow } from "@/answers/ground/look-ahead";
import type { LightSide, LikeThis } from "@/core/light";
import { wallDateOf, wallTimeOf } from "@/data";
import { Stretch, type StretchScale } from "@/ui/charts/Stretch";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { countWords, dateWords, hourWords, timeWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";

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

/** Days that are listed. */
const MOST = 8;

/** A day from midnight to midnight. */
const DAY_LONG: StretchScale = {
  kind: "linear",
  from: 0,
  until: 24,
  ticks: [0, 6, 12, 18, 24].map((hour) => ({
    at: hour,
    words: hourWords(`${String(hour).padStart(2, "0")}:00`),
  })),
};

/** From which hour of the clock to which, of a stretch within one day. */
function hoursOf({ from, until }: LikeThis, timeZone: string): { from: number; until: number } {
  const [hours, minutes] = wallTimeOf(from, timeZone).split(":").map(Number) as [number, number];
  const begins = hours + minutes / 60;
  return { from: begins, until: begins + (until - from) / 3_600_000 };
}

/** When the sun shines on the spot again from a wished side and height as seen from the position, from the outing's day on. */
export function LookAhead() {
  const view = useOuting((v) => v);
  const { spot } = view;
  const { timeZone } = view.outing;
  const up = view.scene.sun.apparentAltitude;
  const [side, setSide] = useState<LightSide>(() => sideNow(view));
  const [height, setHeight] = useState<Height>(
    () => HEIGHTS.find(({ altitudes: [low, high] }) => up >= low && up < high)?.key ?? "low",
  );
  const [gone, setGone] = useState(0);
  const found = likeThis(view, side, HEIGHTS.find((h) => h.key === height)!.altitudes, gone);
  const words = (at: number): string => timeWords(wallTimeOf(at, timeZone));
  const byDay = [...Map.groupBy(found, ({ from }) => wallDateOf(from, timeZone))];
  const days = byDay.slice(0, MOST);
  const further = byDay.slice(MOST).length;
  return (
    <View className="gap-2">
      <Txt weight={700}>{`When is the light at ${spot.name} like this again?`}</Txt>
      <Segmented label="Side of the sun" segments={SIDES} chosen={side} onChoose={setSide} />
      <Segmented label="Height of the sun" segments={HEIGHTS} chosen={height} onChoose={setHeight} />
      <View role="list" aria-label="When the light is like this">
        {days.map(([date, times], i) => (
          <View key={date} role="listitem" className="border-b border-line py-1">
            <View className="flex-row flex-wrap justify-between gap-x-3">
              <Txt weight={600}>{dateWords(date)}</Txt>
              <Txt>{times.map(({ from, until }) => `${words(from)} to ${words(until)}`).join(", ")}</Txt>
            </View>
            <Stretch
              scale={DAY_LONG}
              bands={times.map((time) => ({ ...hoursOf(time, timeZone), tone: "sunFill" }))}
              isWritten={i === days.length - 1}
            />
          </View>
        ))}
      </View>
      <Txt size={14} tone="ink2">
        {found.length === 0
          ? `Not within ${LOOKED_AHEAD} days. Take another side or height, or look further.`
          : further > 0
            ? `and on ${countWords(further, "day")} more within these ${LOOKED_AHEAD} days, if the sky is clear.`
            : "If the sky is clear."}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button label={`Look ${LOOKED_AHEAD} days further`} onPress={() => setGone(gone + 1)} />
        {gone > 0 && <Button label="From the outing’s day" kind="plain" onPress={() => setGone(0)} />}
      </View>
    </View>
  );
}
