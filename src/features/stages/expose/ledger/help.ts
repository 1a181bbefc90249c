import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where the stops come from and where each is spent.",
  from: "The light, what swallows some of it, and the three settings.",
  limits: "To a third of a stop.",
  questions: ["Where does the ISO come from?", "What costs me the light?", "How many stops are spent where?"],
  words:
    "stops budget account balance high iso reason light goes lost sum exposure why spent spend where went isos gone",
};
