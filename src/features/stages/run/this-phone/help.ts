import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Whether the screen stays on, and how far battery and storage go.",
  from: "The browser.",
  limits: "Not every browser tells.",
  questions: ["Does the screen stay awake?", "How long does my phone last?"],
  words: "screen awake sleep dim battery phone storage offline wake lock keep on black off turns",
};
