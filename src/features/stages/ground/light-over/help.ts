import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How the light lies over the whole ground: the bright end and the dark one.",
  from: "Masts, shade, windows and your readings.",
  limits: "Lamps are taken as their kind; a reading in each corner tells more.",
  questions: ["Where is it bright and where dark?", "Which half is lit better?", "How even is the light?"],
  words:
    "map uneven evenness corner end half dark bright lux distribution heat floodlights zones goal area hall spots pitch both goals brighter ends parts",
};
