import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many frames and keepers each shot gave, typed by hand.",
  from: "What you type.",
  limits: "A count without pictures teaches less.",
  questions: ["How do I count without bringing in pictures?", "Where do I type the number of keepers?"],
  words: "number keepers frames count many tally manual kept get",
};
