import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The light as it turned out today against what was planned.",
  from: "Your test shots.",
  limits: "A reading by day fades.",
  questions: ["How is today’s light against the plan?", "Is it brighter than planned?"],
  words: "today deviation brighter darker reading offset light changed cloud came over",
};
