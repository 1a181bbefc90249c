import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "A tag for who is in the frame, to sort it out later.",
  from: "What you press or type.",
  limits: "A tag is a note; check it before you caption.",
  questions: ["Who was in that picture?", "How do I note the shirt number?"],
  words: "tag player name number identify who note shirt caption was it",
};
