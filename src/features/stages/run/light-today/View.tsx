import { View } from "react-native";
import { lightToday } from "@/answers/run/light-today";
import { takeLight } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { lightTakenWords, lightTodayWords } from "@/words/light-today";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";

/** The day's light against the one that was planned, in a line; a press plans all that is still to come with it. */
export function LightOfToday() {
  const today = useOuting(lightToday);
  const outing = useOuting((v) => v.outing);
  const told = useToldChange();
  if (!today) return null;
  const { source, taken, clicks } = today;
  const wall = (at: number): string => wallOf({ outing }, at);
  return (
    <View
      role="region"
      aria-label="The light today"
      className="flex-row items-center gap-2 border-b border-line py-1"
    >
      <Txt className="min-w-0 flex-1" weight={600} aria-live="polite">
        {lightTodayWords(today, wall)}
      </Txt>
      <Button
        label="Plan with it"
        says="Plan everything that is still to come with the light as it was measured"
        onPress={() => void told(takeLight(source, taken), lightTakenWords(source, clicks))}
      />
    </View>
  );
}
