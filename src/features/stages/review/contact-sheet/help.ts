import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "All frames of the day by burst, to mark the ones you keep.",
  from: "Pictures that you brought in.",
  limits: "Small pictures are kept; the files stay yours.",
  questions: [
    "How do I choose the best frames?",
    "How do I mark the sharp ones?",
    "How do I look at a burst?",
  ],
  words:
    "cull culling select pick choose rate rating best sharp burst thumbnails loupe gallery look of the pictures reject",
};
