import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Who may be in the pictures, who must not, and by what one knows them.",
  from: "Names, numbers and colours that you typed or brought in.",
  limits: "Consent is what you were told: ask again where you are not sure.",
  questions: [
    "Whom do I want in the pictures?",
    "Who must not be shown?",
    "By which number do I know somebody?",
    "Where do I keep a team list?",
  ],
  words:
    "player names roster team sheet squad shirt number child son daughter consent refused parents photos photographs said no who is know players list colour",
};
