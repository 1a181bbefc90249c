import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The ground to scale with sun, shade, sight lines and places.",
  from: "What you drew, and the sun at the minute in hand.",
  limits: "Flat, unless heights are given.",
  questions: ["Where is the sun on the plan?", "Where does shade lie?", "How do I move my place?"],
  words: "map drawing sun comb shadow wedge scale north kick-off zoom layout kick off position fall own",
};
