import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Your places beside each other, part by part of what counts.",
  from: "The same figures as for one place.",
  limits: "What counts how much is yours to set.",
  questions: ["Which of my places wins?", "How do two places differ?", "What speaks against this one?"],
  words:
    "compare comparison versus better best score table difference rank spots positions a b c which my and",
};
