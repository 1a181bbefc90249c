import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Support, self-timer, magnification and stacking for what stands still or is near.",
  from: "Your support, the lens, the distance.",
  limits: "Wind and living things move after all.",
  questions: [
    "Do I need a tripod?",
    "How slow can I hold it by hand?",
    "How many frames does a stack take?",
    "How large is it on the sensor?",
  ],
  words:
    "tripod monopod beanbag handheld stabiliser stabilisation macro close-up focus stacking magnification mirror timer insect flower still perched shake ground camera steady bee beetle butterfly close stack depth hold sharpness slow vibration shock",
};
