import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How settings move from the beginning to the end, and when a limit breaks.",
  from: "The light strip from minute to minute.",
  limits: "Clouds come as they please: the sky is as you told it.",
  questions: [
    "How do settings change through the day?",
    "When does the ISO pass my limit?",
    "Until when is there light enough?",
    "What do I set in an hour?",
  ],
  words:
    "timeline over time later evening second half dusk hours change sunset forecast dark long minutes end game match clear clouds finish enough keep shooting longer last light iso",
};
