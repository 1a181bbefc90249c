import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How bright the subject is, from which side it is lit, and what the light is made of.",
  from: "Sun, sky, lamps, roof, ground, shade and your own readings.",
  limits: "Within half a stop in the open, one under lamps, until you read it.",
  questions: [
    "How much light is there?",
    "Is it lit from the front?",
    "How many lux has it?",
    "What does my meter show?",
  ],
  words:
    "bright brightness lux ev exposure value meter dark dim illumination floodlight level side now lit give floodlights outside hall room pool",
};
