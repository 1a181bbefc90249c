import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers:
    "The picture as it will come out: light, movement, softness and grain, beside the next shutter, place, hour or lens.",
  from: "The same figures as the settings, drawn pixel by pixel.",
  limits: "Computed, not photographed: faces and clothes are invented.",
  questions: [
    "What will it look like?",
    "How does it look a stop slower?",
    "How much grain is seen?",
    "Can I see two lenses beside each other?",
  ],
  words:
    "preview simulate simulation render look image picture result compare comparison side by side noise grain blur visual show me take noisy 1/60 before shutters two photo",
};
