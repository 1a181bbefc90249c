import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Shutter, aperture and ISO for this shot now, each with the limit that ends it.",
  from: "Light, movement, depth, your kit and your limits.",
  limits: "As good as the light is known: take a test shot.",
  questions: [
    "Which shutter, aperture and ISO?",
    "What do I dial in?",
    "How far may I open up?",
    "What is the highest ISO here?",
  ],
  words:
    "exposure set dial f-number aperture iso shutter speed rails limits need use take f number triangle what which now camera numbers combination needed",
};
