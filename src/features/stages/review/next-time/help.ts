import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "At most three sentences for next time, each with its evidence.",
  from: "What came out, and why.",
  limits: "Nothing is said on thin evidence.",
  questions: ["What do I change next time?", "What went wrong?", "What do I note down?"],
  words: "improve better advice learn mistake conclusion differently should do mistakes last year",
};
