import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { formulaWords } from "@/words/sums";

/** A formula as one reads it: what holds as a rule, and under it what holds elsewhere. */
export function FormulaText({ text, inputs }: { text: string; inputs: readonly string[] }) {
  const { rule, where } = formulaWords(text, inputs);
  return (
    <View>
      <Txt>{rule}</Txt>
      {where.map(({ is, when }) => (
        <Txt key={when} size={14} tone="ink2">{`${is} where ${when}`}</Txt>
      ))}
    </View>
  );
}
