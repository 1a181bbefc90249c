import { View } from "react-native";
import { howOf, type Named } from "@/answers/explain/how";
import type { MethodName, ToldName } from "@/core/figures";
import { Txt } from "@/ui/controls/Txt";
import { sourceName } from "@/words";
import { methodWords } from "@/words/methods";
import { nameInWords } from "@/words/sums";
import { FormulaText } from "./FormulaText";

/** How the figures of a panel are worked out, and what that rests on: the formula of each function, or what it does. */
export function HowWorked({ names }: { names: readonly Named[] }) {
  return (
    <View role="list" aria-label="How this is worked out" className="gap-2 border-l-4 border-line pl-3">
      {howOf(names).map(({ name, text, inputs, source }) => (
        <View key={name} role="listitem">
          <Txt weight={600}>{nameInWords(name).replace(/^./, (c) => c.toUpperCase())}</Txt>
          {text === undefined ? (
            <Txt>
              {`${methodWords(name as MethodName | ToldName)}.`.replace(/^./, (c) => c.toUpperCase())}
            </Txt>
          ) : (
            <FormulaText text={text} inputs={inputs} />
          )}
          <Txt size={14} tone="ink2">{`${sourceName(source)} · ${name}`}</Txt>
        </View>
      ))}
    </View>
  );
}
