import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many frames, how much room on cards and how many batteries the day takes.",
  from: "What each shot takes, your bodies’ sizes of files, and the cold.",
  limits: "Bursts vary: a third more is a usual reserve.",
  questions: [
    "Does the card last the day?",
    "How many frames will I take?",
    "How many batteries do I take along?",
    "Does the buffer hold?",
  ],
  words:
    "memory card gigabytes storage battery charge space buffer raw jpeg size data much gb spare batteries files",
};
