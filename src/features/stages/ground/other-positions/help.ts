import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The best other places for this shot, found on the whole ground.",
  from: "A search over the ground with every part of the score.",
  limits: "Only where one may stand by what the plan says.",
  questions: ["Where is the best place?", "Is there a better spot for me?", "Search the ground for me"],
  words:
    "find position stand where should best better suggestion recommend search corner optimal candidate me goal side behind penalty another place",
};
