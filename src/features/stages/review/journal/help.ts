import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The day told in sentences, to keep or to send.",
  from: "Readings, changes, counts and notes of the outing.",
  limits: "It repeats what the panels tell.",
  questions: ["How was the day?", "Can I read the day as a text?"],
  words: "diary report summary story log went day text notes",
};
