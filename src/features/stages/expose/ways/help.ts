import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What can be given up when the light is short, and what each costs.",
  from: "Your order of giving up, and your limits.",
  limits: "A way that you hold by hand is closed until you let it go.",
  questions: [
    "What do I give up?",
    "The light is not enough, what then?",
    "How do I lower the ISO?",
    "What does each way cost?",
  ],
  words:
    "dark short low light not enough too high noise reduce alternative options solution out sacrifice open up slower ceiling down lower setting works nothing possible limit over accept what now",
};
