import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What ground it is, its surface, its lamps, its roof, and how dark what stands there is.",
  from: "What you tell of it.",
  limits: "Lamps by class are a mean; corners are darker.",
  questions: ["How do I tell what lamps there are?", "Is it grass or sand?", "How do I set the roof?"],
  words:
    "surface grass turf sand snow water indoor hall roof lamps class venue masts floodlights switch floor colour pitch longer shorter lights kind type",
};
