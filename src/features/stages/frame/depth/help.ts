import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "From where to where it is sharp, and what of its body is not.",
  from: "Distance, focal length, aperture, and the circle your delivery allows.",
  limits: "Sharp is a threshold, not a wall.",
  questions: [
    "From where to where is it sharp?",
    "Is the far leg sharp?",
    "Are both of them sharp?",
    "Which aperture for the whole animal?",
  ],
  words:
    "depth of field dof focus in focus zone range sharp aperture two players front back eye whole hyperfocal bird both eyes group focal plane thin shallow",
};
