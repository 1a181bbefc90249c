import { View } from "react-native";
import { still } from "@/answers/expose/still";
import { Txt } from "@/ui/controls/Txt";
import { stillLines, stillSentences } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";

/** What a still or near picture hangs on: the hand, what the camera stands on, the subject's sway, depth and light so near. */
export function StillAndNear() {
  const answer = useOuting(still);
  const supports = useOuting((v) => v.bag.supports);
  if (!answer) return null;
  const nameOf = (id: string): string => supports.find((s) => s.id === id)?.name ?? id;
  return (
    <View className="gap-2">
      <View>
        {stillLines(answer, nameOf).map(({ line, ...fact }) => (
          <SumFact key={line} of={["still", line]} {...fact} />
        ))}
      </View>
      {stillSentences(answer).map(({ line, words }) => (
        <SumText
          key={words}
          of={line === undefined ? undefined : ["still", line]}
          title="Still and near"
          words={words}
        />
      ))}
      <Txt size={14} tone="ink2">
        Each alone, by the tolerance of what has to hold. The one over the focal length by hand is common
        practice.
      </Txt>
    </View>
  );
}
