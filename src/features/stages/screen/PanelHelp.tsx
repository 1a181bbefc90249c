import { View } from "react-native";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";
import { TERMS, termsIn } from "@/words/terms";
import { HELP } from "../help";
import { HelpText } from "./HelpText";
import type { Panel } from "./panel";
import type { PanelHelp as Help } from "./panel-help";

const helpOf = ({ id }: Panel): Help | undefined =>
  Object.values(HELP).flatMap((stage) => stage[id] ?? [])[0];

/** The question that a panel is asked first; nothing where it has none. */
export const questionOf = (panel: Panel): string | undefined => helpOf(panel)?.questions[0];

/** The help of a panel, and what the words of the field mean that stand in it. */
export function PanelHelp({ panel, onClose }: { panel: Panel; onClose: () => void }) {
  const help = helpOf(panel);
  return (
    <Dialog title={panel.title} open onClose={onClose}>
      {help && <HelpText help={help} />}
      {help && <WordsIn text={`${panel.title} ${help.answers} ${help.from} ${help.limits}`} />}
    </Dialog>
  );
}

function WordsIn({ text }: { text: string }) {
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
