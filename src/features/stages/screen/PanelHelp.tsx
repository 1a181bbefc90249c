import { Dialog } from "@/ui/controls/Dialog";
import { HELP } from "../help";
import { HelpText } from "./HelpText";
import type { Panel } from "./panel";

/** The help of a panel; loaded when somebody asks. */
export function PanelHelp({ panel, onClose }: { panel: Panel; onClose: () => void }) {
  const help = Object.values(HELP).flatMap((stage) => stage[panel.id] ?? [])[0];
  return (
    <Dialog title={panel.title} open onClose={onClose}>
      {help && <HelpText help={help} />}
    </Dialog>
  );
}
