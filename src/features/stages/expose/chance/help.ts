import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many of a hundred frames hold what has to be sharp, and how long a burst that asks.",
  from: "The spread of speeds, of your hand and of the focus.",
  limits: "Counted from a model until your own frames say otherwise.",
  questions: [
    "How likely is a sharp one?",
    "How many must I take for one that works?",
    "What does the next shutter change in the odds?",
  ],
  words:
    "probability odds likely percent luck hit rate keepers frames burst share success chance chances shot getting one needed many series try",
};
