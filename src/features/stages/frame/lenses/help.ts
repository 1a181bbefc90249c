import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What each of your lenses fills from each place.",
  from: "Distances and focal lengths.",
  limits: "Zooms are taken at their best end.",
  questions: ["Which of my lenses from which place?", "What does the short zoom give me there?"],
  words:
    "lens lenses focal length table which comparison positions fill zoom millimetres mm wide telephoto court field mid centre middle goal line for",
};
