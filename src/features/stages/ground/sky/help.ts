import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Clouds, lamps, roof and leaves as they are taken to be.",
  from: "What you say here.",
  limits: "It is taken for all of the outing until a forecast says more.",
  questions: ["How do I say that it is overcast?", "When do the lamps come on?", "How do I tell the clouds?"],
  words:
    "cloud cover overcast clear sunny cloudy floodlights on off time lamps weather change set sky haze came turn switch light rain hall lights in",
};
