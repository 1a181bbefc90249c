import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What a test shot that is off could mean.",
  from: "What was told of the light, and what would explain it.",
  limits: "Two causes may look alike.",
  questions: ["What could it be that my test shot is off?", "Is it a cloud or the lamps?"],
  words: "cause why wrong different explanation cloud lamps reading off came over quickly suddenly clouds",
};
