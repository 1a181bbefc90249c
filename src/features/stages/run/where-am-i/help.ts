import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where you are on the plan, by the device.",
  from: "The device’s place, with its error.",
  limits: "A few metres off in the open, more under trees; none in a hall.",
  questions: ["Where am I standing?", "Does it find me?", "How do I record my way?"],
  words: "location position gps coordinates me here track map find accuracy walk on the locate",
};
