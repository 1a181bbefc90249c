import { useMemo } from "react";
import { View } from "react-native";
import { gravest, mindNow, type Mind as Minded } from "@/outing/day/mind";
import { Txt } from "@/ui/controls/Txt";
import { mindSentence } from "@/words/mind";
import { useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** Most that is said at once beside what can hurt somebody. */
const MOST = 2;

/** What one has to mind at this minute: who is not shown, rain to come, the dangers of what is on. */
export function Mind() {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const window = useOuting((v) => v.window);
  const minded = useMemo(() => gravest(mindNow({ outing, at, window }), MOST), [outing, at, window]);
  if (minded.length === 0) return null;
  const said = (mind: Minded): string =>
    mindSentence(
      mind.code === "rain"
        ? { code: "rain", ...(mind.from !== "now" && { from: wallOf({ outing }, mind.from) }) }
        : mind,
    );
  return (
    <View role="list" aria-label="Mind now" className="gap-1">
      {minded.map(said).map((words) => (
        <View key={words} role="listitem" className="flex-row gap-2">
          <Txt weight={700} tone="bracken" className="w-4 text-center">
            !
          </Txt>
          <Txt weight={600} className="min-w-0 flex-1">
            {words}
          </Txt>
        </View>
      ))}
    </View>
  );
}
