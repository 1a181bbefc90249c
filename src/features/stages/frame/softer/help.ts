import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What would make the background softer, and by how much.",
  from: "Distance behind it, aperture, focal length, height.",
  limits: "Quiet is not the same as soft: colours count too.",
  questions: ["How does the background get softer?", "Does kneeling help?", "What does opening up give?"],
  words:
    "bokeh blur background busy distracting smooth messy separate separation soft open aperture blurred creamy soften backdrop",
};
