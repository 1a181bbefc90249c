import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Three sets of settings for the camera’s memories, and which shots each serves.",
  from: "All shots of the outing through its light.",
  limits: "Three are a compromise: what each costs is told.",
  questions: ["What do I put into the camera’s memories?", "Which three settings serve the whole day?"],
  words:
    "custom presets banks dial user modes store saved recall c1 c2 c3 memory program programme mode buttons save",
};
