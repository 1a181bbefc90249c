import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What could hurt you or the subject where you stand, and who decides.",
  from: "Throwing sectors, flights, run-off, distances to keep, common practice.",
  limits: "Officials and stewards have the last word.",
  questions: [
    "May I stand there?",
    "Can something hit me?",
    "How near may I go to it?",
    "How far off do I keep?",
  ],
  words:
    "safe safety danger dangerous hit ball discus javelin horse car run-off close distance animal nest disturb allowed touchline approach otter bird deer wildlife get near behind goal line puck hammer wild young disturbing",
};
