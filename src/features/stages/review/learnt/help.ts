import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What your own frames say of your hand, your pans and your ISO.",
  from: "Frames of outings that you let count.",
  limits: "Told only with interval, frames and outings.",
  questions: ["What do my frames say about me?", "How steady is my hand?", "Do I get better?"],
  words:
    "progress improvement skill statistics steadiness panning hand over time better getting personal improve am",
};
