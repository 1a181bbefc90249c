import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { TERMS, termsIn } from "@/words/terms";

/** What the words of the field mean that stand in a text, for who meets them for the first time. */
export function WordsIn({ text }: { text: string }) {
  const terms = termsIn(text);
  if (terms.length === 0) return null;
  return (
    <View role="list" aria-label="Words of the field" className="pt-3">
      {terms.map((term) => (
        <View key={term} role="listitem" className="border-t border-line py-2">
          <Txt weight={600}>{TERMS[term][0]}</Txt>
          <Txt tone="ink2">{TERMS[term][1]}</Txt>
        </View>
      ))}
    </View>
  );
}
