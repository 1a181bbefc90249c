import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The fewest places that serve the whole brief, and what each gives up.",
  from: "Every shot from every place.",
  limits: "Walking between them is counted by your pace.",
  questions: [
    "How few places do I need?",
    "Where do I stand for everything?",
    "How often do I have to change place?",
  ],
  words:
    "all shots one position whole move moves relocation plan day walk times move fewest walking pictures every",
};
