import { measuredHere } from "@/answers/shot/measured";
import { automaticEnds, skyWithin } from "@/answers/shot/sky";
import { useMemo } from "react";
import { View } from "react-native";
import { LightStrip, type StripMark } from "@/ui/charts/LightStrip";
import { Button } from "@/ui/controls/Button";
import { automaticMomentWords, momentWords, evWords, skyMarkWords } from "@/words";
import { useOpenOuting, useOuting } from "../../outing/use-outing";
import { timeNote, wallOf } from "../shot/titles";
import { useHours } from "../shot/use-hours";
import { useLightBand } from "./light-band";

const HEIGHTS = { low: 56, folded: 72, full: 136 } as const;

/** What sun and moon do within the outing, but for rise and set of the sun, which the light itself tells. */
const skyMarks = (events: ReturnType<typeof skyWithin>): StripMark[] =>
  events.flatMap(({ at, code }) => {
    const words = code === "moonrise" ? "moonrise" : skyMarkWords(code);
    return words ? [{ at, words, kind: "sky" as const }] : [];
  });

/** The outing's light strip: the light from the chosen position over the afternoon, and the control of the minute. */
export function OutingStrip({ height }: { height: keyof typeof HEIGHTS }) {
  const { from, until } = useOuting((v) => v.window);
  const timeline = useOuting((v) => v.timeline);
  const at = useOuting((v) => v.at);
  const time = useOuting((v) => wallOf(v, v.at));
  const words = useOuting((v) => `${timeNote(v)}${v.found ? `, ${evWords(v.found.light.ev)}` : ""}`);
  const peeking = useOuting((v) => v.on && !v.live);
  const { lookAt, backToNow } = useOpenOuting();
  const hours = useHours();
  const roof = useOuting((v) => v.outing.light.roof !== undefined);
  const events = useOuting(skyWithin);
  const sky = useMemo(() => (roof ? [] : skyMarks(events)), [roof, events]);
  const ends = useOuting(automaticEnds);
  const automatic = useMemo(
    () => ends.map(({ at, code }): StripMark => ({ at, words: automaticMomentWords(code), kind: "danger" })),
    [ends],
  );
  const marks = useMemo(
    () => [
      ...automatic,
      ...timeline.moments.map((b): StripMark => {
        const kind = b.code === "past-ceiling" ? "danger" : "break";
        return { at: b.at, words: momentWords(b.code), kind };
      }),
      ...sky,
    ],
    [timeline, sky, automatic],
  );
  const band = useLightBand();
  const measured = useOuting(measuredHere);
  return (
    <View className="border-t border-line bg-paper">
      {peeking && (
        <View className="absolute right-2 top-1 z-10">
          <Button label="Now" kind="filled" onPress={backToNow} />
        </View>
      )}
      <LightStrip
        label="Time of the outing"
        from={from}
        until={until}
        at={Math.min(until, Math.max(from, at))}
        points={timeline.points}
        band={band}
        measured={measured}
        marks={marks}
        hours={hours}
        timeWords={time}
        words={words}
        height={HEIGHTS[height]}
        onChange={(t) => lookAt(t, false)}
        onEnd={(t) => lookAt(t, true)}
      />
    </View>
  );
}
