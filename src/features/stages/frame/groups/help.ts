import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many of a group are sharp, when another lens takes over, and how near you may go.",
  from: "Their spacing, the depth, your lenses.",
  limits: "Spacing is what you told.",
  questions: [
    "Is the whole team sharp?",
    "Which aperture for several people?",
    "When does the other camera take over?",
    "How near does the lens focus?",
  ],
  words:
    "group row team people line behind each other several five faces second camera second lens close-up minimum distance macro near aperture all of them everyone bench relay peloton",
};
