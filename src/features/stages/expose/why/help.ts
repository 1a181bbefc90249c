import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The reasons of each setting, one by one.",
  from: "The limits that met.",
  limits: "Every figure opens into its sum.",
  questions: ["Why this shutter?", "Why this aperture?", "Why not a lower ISO?"],
  words: "reason explain explanation because cause how come settings reasons",
};
