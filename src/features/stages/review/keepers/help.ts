import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many frames were kept at each shutter.",
  from: "Your counts and frames.",
  limits: "Few frames say little: the interval is drawn.",
  questions: ["At which shutter were most kept?", "Was I too slow?"],
  words: "statistics keeper rate percentage success shutter best graph hit gave most which per",
};
