import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What practitioners start from with such a subject.",
  from: "Common practice by sport and species, no source.",
  limits: "A start and no rule: light and place move it.",
  questions: [
    "What do others set for this?",
    "Where do I start without thinking?",
    "Is there a rule of thumb?",
  ],
  words:
    "usual typical common default starting point beginners recommended standard experience people photographers usually set sport handball hockey football basketball swimming birds good settings",
};
