import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What of each shot came out, against what was wanted.",
  from: "The frames that you counted or brought in.",
  limits: "A keeper is what you call one.",
  questions: ["What came out?", "Which shots have I got?", "How well did it go?"],
  words: "result outcome delivered success summary keepers day went how many got did",
};
