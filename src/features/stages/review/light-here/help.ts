import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What the light was there, against the model, and what to take along for next time.",
  from: "Your readings.",
  limits: "A reading speaks for its zone and its hour.",
  questions: ["How bright was it really?", "Which end was darker?", "Was the model right?"],
  words: "readings measured light hall lamps zones brighter darker end correction place learn last year",
};
