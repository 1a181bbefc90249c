import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { howWorked } from "@/words/how";

/** How the figures of a panel are worked out, and what that rests on. */
export function HowWorked({ panelId }: { panelId: string }) {
  return (
    <View role="list" aria-label="How this is worked out" className="gap-2 border-l-4 border-line pl-3">
      {howWorked(panelId).map(({ figure, formula, source }) => (
        <View key={figure} role="listitem">
          <Txt weight={600}>{figure}</Txt>
          <Txt>{formula}</Txt>
          <Txt size={14} tone="ink2">{`${source.replace(/^./, (c) => c.toUpperCase())}.`}</Txt>
        </View>
      ))}
    </View>
  );
}
