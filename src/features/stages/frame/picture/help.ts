import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How large the subject is in the frame, what is behind it, and what the crop leaves.",
  from: "Distance, lens, sensor and the plan.",
  limits: "To scale; the figure is a usual one of its kind.",
  questions: [
    "How large is it in the frame?",
    "Does it fit in?",
    "How far away is it?",
    "What is behind it in the frame?",
  ],
  words:
    "size framing fill big small frame field of view fits whole tall wide distance metres horse player rider crop cut off percent subject large",
};
