import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What goes into the bag, and what of it is not there yet.",
  from: "The kit that the shots need, the weather, and a list of your own.",
  limits: "What you never told of your kit it cannot miss.",
  questions: ["What goes into the bag?", "Do I need a rain cover?", "What have I not packed yet?"],
  words:
    "bag gear equipment checklist pack rucksack weight carry tripod cover take along bring forget needed things clothes lens cloth",
};
