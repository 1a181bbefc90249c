import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What to set now, as large as the screen allows.",
  from: "The same settings as Expose, at this minute.",
  limits: "As good as the light is known: take a test shot.",
  questions: [
    "What do I set this minute?",
    "Where are my settings in large?",
    "How do I lock the screen against gloves?",
  ],
  words: "settings now card field shutter aperture iso current big set lock gloves right dial do i",
};
