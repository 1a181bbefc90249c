import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where photographers of this sport usually stand, and why.",
  from: "Common practice of the trade.",
  limits: "A convention and no right: the venue decides.",
  questions: [
    "Where do others stand?",
    "What is the usual place for this?",
    "From where does one take a goal?",
  ],
  words:
    "professionals pros press photographers usual common convention habit where positions stand traditional sideline corner penalty approach keep distance hockey football photo usually near close",
};
