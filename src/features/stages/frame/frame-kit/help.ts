import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which body, lens, converter and support takes this shot.",
  from: "Your bag, and what the shot asks.",
  limits: "What is not in the bag is offered and marked.",
  questions: ["Which lens do I mount?", "Which camera do I use?"],
  words: "body lens camera mount choose switch converter support",
};
