import { View } from "react-native";
import type { MatchedBurst } from "@/outing/frames/matched";
import { timedProgramme } from "@/outing/programme/event-times";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** When a burst was, of which event and shot, and how sure that is. */
export function BurstHead({ burst }: { burst: MatchedBurst }) {
  const outing = useOuting((v) => v.outing);
  return (
    <View className="h-10 flex-row items-end border-t border-line pb-1">
      <Txt size={14} numberOfLines={1} className="min-w-0 flex-1">
        {burstWords(outing, burst)}
      </Txt>
    </View>
  );
}

/** "16:31:07 · Semi-final, likely · Drag flick · 5 frames". */
export function burstWords(outing: Parameters<typeof timedProgramme>[0], burst: MatchedBurst): string {
  const { from, eventId, certainty, shotId, frames, tag } = burst;
  const event = timedProgramme(outing).find((e) => e.id === eventId)?.name;
  const shot = outing.shots.find((s) => s.id === shotId)?.name;
  const seconds = String(new Date(from).getUTCSeconds()).padStart(2, "0");
  const surely = certainty === "sure" ? "" : `, ${certainty}`;
  const programme = (outing.programme?.length ?? 0) > 0;
  return [
    `${wallOf({ outing }, from)}:${seconds}`,
    event ? `${event}${surely}` : programme ? "between events, open" : "",
    shot ?? "",
    tag ? tag.names.join(", ") : "",
    frames.length > 1 ? `${frames.length} frames` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
