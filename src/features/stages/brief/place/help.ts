import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What is known of this place from earlier outings: light, ways, seasons, notes.",
  from: "Your own outings, readings and sightings there.",
  limits: "One visit is one visit: figures say how many they rest on.",
  questions: [
    "What do I know about this place?",
    "What was it like last time?",
    "Where do I write down something about the ground?",
  ],
  words:
    "history earlier before again memory remembered last year kept place notes learnt visit learn learned been there experience ground",
};
