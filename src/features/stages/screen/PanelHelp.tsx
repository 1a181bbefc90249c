import { Dialog } from "@/ui/controls/Dialog";
import { HELP } from "../help";
import { WordsIn } from "../reasons/WordsIn";
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
