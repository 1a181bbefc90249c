import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Frames and calls that come in from the camera’s stand-in and the meet.",
  from: "Devices on this network.",
  limits: "Simulated where no device is there.",
  questions: ["Do frames come in by themselves?", "Do I hear when a heat is called?"],
  words: "tether wireless transfer connected live results announcer call camera incoming",
};
