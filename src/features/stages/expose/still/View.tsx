import { View } from "react-native";
import { still } from "@/answers/expose/still";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import { stillLines, stillSentences } from "@/words";
import { useOuting } from "../../../outing/use-outing";

/** What a still or near picture hangs on: the hand, what the camera stands on, the subject's sway, depth and light so near. */
export function StillAndNear() {
  const answer = useOuting(still);
  const supports = useOuting((v) => v.bag.supports);
  if (!answer) return null;
  const nameOf = (id: string): string => supports.find((s) => s.id === id)?.name ?? id;
  return (
    <View className="gap-2">
      <View>
        {stillLines(answer, nameOf).map(({ name, value }) => (
          <FactLine key={name} name={name} value={value} />
        ))}
      </View>
      {stillSentences(answer).map((words) => (
        <Txt key={words}>{words}</Txt>
      ))}
      <Txt size={14} tone="ink2">
        Each alone, by the tolerance of what has to hold. The one over the focal length by hand is common
        practice.
      </Txt>
    </View>
  );
}
