import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The shutter, the lines behind it, how it turns past you, and how often it comes off.",
  from: "Its speed and distance, the spread of your own hand.",
  limits: "Practise first: a hand that follows well halves the spread.",
  questions: [
    "Which shutter draws the wheels?",
    "How fast do I turn?",
    "How often does a pan come off?",
    "How many lines do I get behind it?",
  ],
  words:
    "panning swing follow moving car cyclist wheels slow shutter streaks lines background speed turn drag long take right learn practise bikes horses runner slowest motion blur spin",
};
