import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What to set, why, and whether it is the best that can be had.",
  from: "The card, and the ways out.",
  limits: "Plain words leave out what Expose tells.",
  questions: [
    "What do these three numbers mean?",
    "Explain it to a beginner",
    "Is it the best my camera can do?",
  ],
  words: "beginner explain simple meaning what is easy novice plain",
};
