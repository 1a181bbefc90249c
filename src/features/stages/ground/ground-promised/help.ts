import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Every promised shot with the place that serves it.",
  from: "The brief.",
  limits: "A shot without a place is said.",
  questions: ["Which shot is taken from where?"],
  words: "list promised shots position serves",
};
