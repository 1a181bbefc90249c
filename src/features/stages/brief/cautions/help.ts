import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What to mind there, and who decides.",
  from: "The kind of subject, the ground and the day.",
  limits: "Common practice. Officials, local law and qualified people have the last word.",
  questions: [
    "What do I have to be careful about?",
    "Who decides whether I may be there?",
    "What protects the animals?",
    "Is there a danger in this?",
  ],
  words:
    "risk hazard permission allowed rules law nest young disturbance protected species warden steward children consent heat cold lightning water safety touchline sideline accreditation kids baby birds disturbing disturb protect",
};
