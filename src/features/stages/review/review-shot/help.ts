import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which shot is in hand.",
  from: "Your choice.",
  limits: "The review of another shot is a press away.",
  questions: ["Which shot do I review?"],
  words: "current chosen",
};
