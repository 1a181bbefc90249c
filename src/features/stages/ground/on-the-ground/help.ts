import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "All that stands and lies there: stands, trees, water, ways, lines, lamps.",
  from: "What you draw or bring in.",
  limits: "What is missing here is missing in every answer.",
  questions: [
    "How do I draw something that stands there?",
    "How do I change the size of the field?",
    "Where do I put in a tree?",
  ],
  words:
    "add draw edit obstacle building tree stand hedge fence wall map venue pitch dimension size area track lines place thing longer new",
};
