import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What hides the subject, what is behind it, and on which hand faces open.",
  from: "What stands on the plan, heights, and how the subject acts.",
  limits: "People who walk past are on no plan.",
  questions: [
    "Is something in the way?",
    "What stands behind it?",
    "To which side do they show their faces?",
    "Do I see over the boards?",
  ],
  words:
    "blocked obstacle obstruct hidden view sight line see people standing clear background face left-handed right-handed fence referee bench tree someone way player keeper goal behind faces",
};
