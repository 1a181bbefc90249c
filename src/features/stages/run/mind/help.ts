import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What to mind at this minute.",
  from: "The brief, people, weather, what is on.",
  limits: "What nobody told it cannot see.",
  questions: ["What must I think of now?", "Who must not be in it now?"],
  words: "remember careful attention reminder rain danger",
};
