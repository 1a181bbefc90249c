import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How many pixels each part smears, and what makes most of it.",
  from: "The speeds of its parts, the way it crosses, your shutter, your hands, focus and lens.",
  limits: "Speeds are the usual ones of its kind; yours may be faster.",
  questions: [
    "Which shutter freezes it?",
    "How many pixels does the hand smear?",
    "Is it the movement or my hands?",
    "Does 1/1000 freeze it?",
  ],
  words:
    "sharp sharpness unsharp blurry motion movement shake shaky soft smear fast slow enough shutter speed pixels freeze stick bat ball hands feet racket hand-shake camera runner swimmer sprinter blurred look",
};
