import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which shot is in hand, from where, and for when.",
  from: "Your choice.",
  limits: "Another shot may want another place.",
  questions: ["Which shot is this?", "How do I choose another shot?"],
  words: "current chosen select",
};
