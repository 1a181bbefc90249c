import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Where you stand, how high the lens is, and what you look through.",
  from: "Your drag or typed figures.",
  limits: "Heights are above the ground there.",
  questions: [
    "How high is my lens?",
    "How do I name a place?",
    "How do I take a place away?",
    "Sitting or standing?",
  ],
  words:
    "rename delete height kneel low camera lying ladder platform hide opening slit window coordinates move accurate raise kneeling squat sit higher lower lens",
};
