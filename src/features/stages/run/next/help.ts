import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What comes next: the shot, the place, and when to leave for it.",
  from: "Programme, ways and your pace.",
  limits: "Pace with the kit on is yours to set.",
  questions: ["What comes next?", "When do I set off?", "How long is the walk?"],
  words: "next after leave walk time way go move then upcoming fence place this where event",
};
