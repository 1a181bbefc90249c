import { View } from "react-native";
import { zonesFound } from "@/answers/review/zones-found";
import { editOuting } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { zoneFoundWords } from "@/words/learnt";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";

/** Light zones that were measured otherwise than planned: each can be noted for the next time here. */
export function ZonesFound() {
  const found = useOuting(zonesFound);
  const notes = useOuting((v) => v.outing.notes);
  const told = useToldChange();
  const open = found.filter((zone) => !notes.includes(zoneFoundWords(zone)));
  if (open.length === 0) return null;
  return (
    <View role="list" aria-label="Light zones as measured">
      {open.map((zone) => {
        const words = zoneFoundWords(zone);
        return (
          <View
            key={zone.zoneId}
            role="listitem"
            className="flex-row items-center gap-2 border-b border-line"
          >
            <Txt className="min-w-0 flex-1">{words}</Txt>
            <Button
              label="Note of the place"
              says={`Note of the place: ${words}`}
              kind="plain"
              onPress={() =>
                void told(
                  editOuting({ notes: [notes, words].filter(Boolean).join("\n") }),
                  "Noted for this place",
                )
              }
            />
          </View>
        );
      })}
    </View>
  );
}
