import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "When which setting changes next.",
  from: "The light ahead.",
  limits: "Clouds come as they please.",
  questions: ["When does a setting change?", "What comes next with the light?"],
  words: "next change later upcoming soon settings iso shutter second half have to",
};
