import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Every shot that you promised and the place that serves it.",
  from: "The brief, and the places of Ground.",
  limits: "A shot without a place is said; it is not left out.",
  questions: ["What did I promise?", "From where do I take each of them?", "How many pictures are wanted?"],
  words: "list shots promised wanted deliver customer club newspaper brief deliverables wishes pictures",
};
