import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Which shutters are safe under these lamps, and how unequal frames come out otherwise.",
  from: "The mains’ frequency and how deep the lamps flicker.",
  limits: "Modern lamps may flicker otherwise: look at ten frames in a row.",
  questions: [
    "Do the lamps flicker?",
    "Which shutter is safe under lamps?",
    "Why is every other frame darker?",
  ],
  words:
    "banding bands stripes led hall lights mains hertz frequency unequal brightness frames fluorescent anti-flicker striped lines dark bright alternate colour changes free gym pool",
};
