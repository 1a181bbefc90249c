import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where the subject will be, how high one aims, and which way it faces.",
  from: "Your drag or typed figures.",
  limits: "One spot stands for a stretch.",
  questions: ["Where will it be?", "How do I turn the way it faces?", "How high do I aim?"],
  words:
    "subject location direction facing aim height move goal hurdle perch branch track drag she he they face turn which way looking",
};
