import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which promised shots are still missing.",
  from: "What you ticked and what came in.",
  limits: "Ticks are yours.",
  questions: ["Which pictures are still owed?", "What have I not got yet?", "Am I done?"],
  words: "missing remaining left to do outstanding owed promised still need shots",
};
