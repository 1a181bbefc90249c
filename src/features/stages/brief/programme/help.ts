import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What is on, in which order, and what of it you have to be at.",
  from: "A list that you paste, type or open as a file.",
  limits: "Times of a programme slip: say so on the day, and what follows moves.",
  questions: [
    "How do I bring in the timetable?",
    "Which heat is at what time?",
    "When is the final?",
    "In which lane does she start?",
  ],
  words:
    "schedule timetable heats draw lanes fixtures order of events starting list csv calendar paste race starts upload competition begins starters athlete swimmer rider",
};
