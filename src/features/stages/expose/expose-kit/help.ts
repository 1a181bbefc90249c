import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which body, lens, converter and support takes this shot.",
  from: "Your bag, and what the shot asks.",
  limits: "What is not in the bag is offered and marked.",
  questions: ["Which body and lens for this shot?", "Can I change the lens?"],
  words: "camera body lens choose switch support monopod gear",
};
