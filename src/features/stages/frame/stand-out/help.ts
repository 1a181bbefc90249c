import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Whether it stands out from what is behind it, by light and by colour.",
  from: "The colours that you told, and the light on both.",
  limits: "Colours in shade shift.",
  questions: [
    "Does it sink into the background?",
    "Is it brighter than what is behind?",
    "Do the shirts show against the stand?",
  ],
  words:
    "contrast separation colour camouflage dark white sky bright visible background stand out against trees hedge snow black bird",
};
