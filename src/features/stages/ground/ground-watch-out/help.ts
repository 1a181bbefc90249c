import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What is wrong with the place in hand, the gravest first.",
  from: "The guard, the sight line, the light.",
  limits: "What is not on the plan it cannot see.",
  questions: ["What is wrong with this place?", "Is it a bad place?"],
  words: "warning problem veto blocked danger safe hit ball stand there",
};
