import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What one sees from the place in hand: distance, light, settings, fill.",
  from: "The plan, the sun, your kit.",
  limits: "The ground is as you drew it.",
  questions: ["How far is it from here?", "Where does the light come from here?", "What do I see from here?"],
  words:
    "distance metres sun backlit front-lit side summary position see view direction bearing against behind me shooting into many subject am",
};
