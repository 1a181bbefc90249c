import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "From when until when the settings hold, and what your readings moved.",
  from: "The light strip, and your readings.",
  limits: "A reading by day fades within the half hour.",
  questions: [
    "From when to when does this work?",
    "How long do these settings hold?",
    "What did my readings change?",
  ],
  words:
    "best time window valid period good until since hold readings correction moment shot keep shooting longer still right",
};
