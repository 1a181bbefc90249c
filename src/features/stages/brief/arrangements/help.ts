import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Who to ring, when to be where, what the pass and the car need.",
  from: "What you typed or brought in from a calendar or a letter.",
  limits: "Nobody checks it: ring before you leave.",
  questions: [
    "Whom do I ring on the day?",
    "Where do I pick up my pass?",
    "When does the gate open?",
    "What was agreed with the club?",
  ],
  words:
    "contact phone telephone number press officer media pass ticket accreditation permission car park entrance meeting point agreed letter drive arrive arrival train travel appointment numbers",
};
