import { View } from "react-native";
import { lightOff, lightToday } from "@/answers/run/light-today";
import { takeLight } from "@/outing/edits";
import type { OutingView } from "@/outing/outing-view";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { lightTakenWords, lightTodayWords } from "@/words/light-today";
import { useAtRest } from "../../../outing/use-at-rest";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";

function todayWords(view: OutingView): string {
  const today = lightToday(view);
  return today ? lightTodayWords(today, (at) => wallOf(view, at)) : "";
}

/** The day's light against the one that was planned, in a line; a press plans all that is still to come with it. */
export function LightOfToday() {
  const off = useOuting(lightOff);
  const words = useAtRest(todayWords);
  const told = useToldChange();
  if (!off) return null;
  return (
    <View
      role="region"
      aria-label="The light today"
      className="flex-row items-center gap-2 border-b border-line py-1"
    >
      <Txt className="min-w-0 flex-1" weight={600} aria-live="polite">
        {words}
      </Txt>
      <Button
        label="Plan with it"
        says="Plan everything that is still to come with the light as it was measured"
        onPress={() => void told(takeLight(off.source, off.taken), lightTakenWords(off.source, off.clicks))}
      />
    </View>
  );
}
