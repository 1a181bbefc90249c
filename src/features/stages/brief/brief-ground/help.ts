import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The ground of this outing in small, with the places you chose.",
  from: "The plan of Ground.",
  limits: "Too small to measure on: open Ground for that.",
  questions: ["What does the ground look like?", "Where are my places on it?"],
  words: "overview map sketch plan small",
};
