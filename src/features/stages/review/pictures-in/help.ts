import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Your pictures of the day, read by their headers and put to their shots.",
  from: "Files or a folder of yours; they stay on this device.",
  limits: "A clock that was wrong has to be told, or shown by a picture of a clock.",
  questions: ["How do I bring in pictures?", "My camera’s clock was off", "How do frames find their shots?"],
  words:
    "import load upload open photos files folder card reader raw jpeg exif clock time wrong offset sync bring camera",
};
