import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where the next play goes by down and distance, and where to stand.",
  from: "What you press as the game goes on.",
  limits: "Common practice of the game.",
  questions: ["Where does the next play go?", "Which down is it?"],
  words: "gridiron football down yards distance play sideline third fourth long first second and",
};
