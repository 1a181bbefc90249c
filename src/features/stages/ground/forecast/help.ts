import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "The weather hour by hour, as far as you brought it in.",
  from: "A forecast that you typed, pasted or took from the service.",
  limits: "A forecast is a forecast: look up.",
  questions: ["What will the weather be?", "Will there be rain?", "When do clouds come?"],
  words:
    "weather cloudy cloud rain snow wind temperature tomorrow prediction sunshine hourly going storm sunny showers fog lightning",
};
