import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { isoWords } from "@/words";
import { turnWords } from "@/words/place-light";
import { useFound, useOuting } from "../../../outing/use-outing";
import { offsetOf } from "./zone-offset";

/** The other parts of the ground as clicks from the card, opened where they are darker: "under the basket +2". */
export function Zones() {
  const zones = useOuting((v) => v.outing.ground.zones);
  const own = useOuting(offsetOf);
  const iso = useFound((f) => f.settings.settings.iso);
  return (
    <View role="list" aria-label="Clicks elsewhere" className="flex-row flex-wrap gap-x-5 gap-y-1 pt-1">
      {zones
        .filter((z) => z.offsetClicks !== own)
        .map(({ id, name, offsetClicks }) => (
          <View key={id} role="listitem" className="flex-row items-baseline gap-2">
            <Txt size={18}>{name}</Txt>
            <Txt size={20} weight={700}>
              {turnWords(own - offsetClicks)}
            </Txt>
            <Txt tone="ink2">{isoWords(iso + own - offsetClicks)}</Txt>
          </View>
        ))}
    </View>
  );
}
