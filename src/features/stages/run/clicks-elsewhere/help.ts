import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "By how many clicks another place differs from where the reading was taken.",
  from: "Zones and readings.",
  limits: "For the light as it is now.",
  questions: ["How many clicks at the other end?", "Is it darker over there?"],
  words: "zones other end difference clicks adjust light changed darker brighter move quickly now came",
};
