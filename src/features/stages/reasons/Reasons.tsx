import { View } from "react-native";
import type { Reason } from "@/core/judge";
import { Txt } from "@/ui/controls/Txt";
import { reasonSentence, sourceWords } from "@/words";

/** Why a figure is what it is: one sentence a step, each with where it comes from. */
export function Reasons({ title, because }: { title: string; because: readonly Reason[] }) {
  return (
    <View className="gap-2" role="region" aria-label={title}>
      <Txt size={18} weight={700}>
        {title}
      </Txt>
      {because.map((reason) => (
        <View key={reason.code} className="border-l-2 border-line pl-3">
          <Txt>{reasonSentence(reason)}</Txt>
          {reason.source ? (
            <Txt size={14} tone="ink2">
              {sourceWords(reason)}
            </Txt>
          ) : null}
        </View>
      ))}
    </View>
  );
}
