import { View } from "react-native";
import { LightStrip } from "@/ui/charts/LightStrip";
import { Button } from "@/ui/controls/Button";
import { wallTimeOf } from "@/data";
import { breakWords, evWords, hourWords } from "@/words";
import { useOuting } from "./outing-context";

const HOUR = 3_600_000;

/** The outing's light strip: the light from the chosen position over the afternoon, and the control of the minute. */
export function OutingStrip({ folded }: { folded: boolean }) {
  const { outing, window, at, live, wall, timeline, lookAt, inHand, backToNow } = useOuting();
  const hours = [];
  for (let t = Math.ceil(window.from / HOUR) * HOUR; t <= window.until; t += HOUR)
    hours.push({ at: t, words: hourWords(wallTimeOf(t, outing.zone)) });
  const light = inHand?.ok ? `, ${evWords(inHand.light.ev.value)}` : "";
  return (
    <View className="border-t border-line bg-paper">
      {backToNow && !folded && (
        <View className="absolute right-2 top-1 z-10">
          <Button label="Now" kind="filled" onPress={backToNow} />
        </View>
      )}
      <LightStrip
        label="Time of the outing"
        from={window.from}
        until={window.until}
        at={Math.min(window.until, Math.max(window.from, at))}
        points={timeline.points}
        marks={timeline.breaks.map((b) => ({
          at: b.at,
          words: breakWords(b.code),
          danger: b.code === "past-ceiling",
        }))}
        hours={hours}
        timeWords={wall(at)}
        words={`${live ? "now" : "planned for"} ${wall(at)}${light}`}
        height={folded ? 72 : 136}
        onChange={(t) => lookAt(t, false)}
        onEnd={(t) => lookAt(t, true)}
      />
    </View>
  );
}
