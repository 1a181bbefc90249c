import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The plan with the place and the light at this minute.",
  from: "Ground.",
  limits: "Too small to edit: open Ground.",
  questions: ["Where is that on the plan?"],
  words: "map plan now",
};
