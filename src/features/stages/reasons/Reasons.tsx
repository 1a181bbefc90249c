import { View } from "react-native";
import type { Step } from "@/answers/explain/reasons";
import { Txt } from "@/ui/controls/Txt";
import { reasonSentence, sourceWords } from "@/words";
import { SumText } from "./SumText";

/** Why a figure is what it is: one sentence a step, each with where it comes from; a press opens its number to the sum. */
export function Reasons({ title, steps }: { title: string; steps: readonly Step[] }) {
  return (
    <View className="gap-2" role="region" aria-label={title}>
      <Txt size={20} weight={700}>
        {title}
      </Txt>
      {steps.map(({ reason, opens }) => {
        const words = reasonSentence(reason);
        return (
          <View key={reason.code} className="border-l-2 border-line pl-3">
            {opens ? <SumText of={opens} title={title} words={words} /> : <Txt>{words}</Txt>}
            {reason.source ? (
              <Txt size={14} tone="ink2">
                {sourceWords(reason)}
              </Txt>
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
