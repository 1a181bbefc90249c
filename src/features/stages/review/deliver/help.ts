import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which pictures go to whom, by when, and what has gone.",
  from: "What was promised, and your marks.",
  limits: "Nothing is sent by itself.",
  questions: ["What goes to whom?", "By when do I deliver?", "How do I hand the files over?"],
  words:
    "delivery customer client send export folder deadline upload newspaper club files copies table pictures",
};
