import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What to set for focus, burst, shutter and colour of the light.",
  from: "How it comes, how fast, and which lamps burn.",
  limits: "Names differ from camera to camera: the matter is told in general words.",
  questions: [
    "How do I set the autofocus?",
    "Single shot or burst?",
    "What colour are these lamps?",
    "Which kind of shutter do I take?",
  ],
  words:
    "af tracking focusing continuous servo zone points area mode frames per second drive white balance kelvin colour cast tungsten sodium silent electronic mechanical shutter buffer autofocus eye detection colours yellow green focus sound noise full",
};
