import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What a single click changes, what the picture’s noise is, and the same exposure otherwise.",
  from: "The settings, the sensor’s size and the light.",
  limits: "Noise against a common sensor of its size.",
  questions: [
    "What does a third of a stop change?",
    "How much grain do I get?",
    "Which other settings are as bright?",
  ],
  words:
    "noise grain noisy equivalent same brightness reciprocity trade clicks difference third one worth step f-stop dof exposures equal level",
};
