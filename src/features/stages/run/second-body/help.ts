import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What the second camera has to be set to, and which lens it carries.",
  from: "The shots that it serves.",
  limits: "Two bodies on the neck are heavy.",
  questions: ["What does the other camera need?", "Which lens on the other body?"],
  words: "second camera body two cameras other lens spare on it should have which",
};
