import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What is on, in order, with delays, and who starts.",
  from: "The programme of the brief and what you say on the day.",
  limits: "Delays are what you tell.",
  questions: ["What is on now?", "Who starts next?", "How late are they?"],
  words: "schedule delay late running order event now lane start heat who next",
};
