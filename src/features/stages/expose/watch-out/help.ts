import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What is wrong with this shot now, the gravest first.",
  from: "Everything that is computed for it.",
  limits: "What nobody told it cannot see.",
  questions: ["What is wrong here?", "What should I look out for?"],
  words: "warning problem caution error mistake",
};
