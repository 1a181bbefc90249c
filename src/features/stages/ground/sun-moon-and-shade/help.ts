import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where sun and moon stand, when they rise and set, and when shade reaches what.",
  from: "Astronomy for the coordinates, and what stands on the plan.",
  limits: "A level horizon, unless something is drawn.",
  questions: [
    "At what time does the sun set?",
    "When does the shadow come to this place?",
    "Is the moon up?",
    "When is the warm light?",
  ],
  words:
    "sunrise sunset dusk dawn golden hour blue hour twilight shadow shade moon moonlight rise set altitude azimuth direction behind stand kick-off own shadow long reach goal moonrise moonset tonight kick off mouth half time when does sun go position fall",
};
