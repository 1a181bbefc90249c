import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "When to press, how long the moment lasts, and how many frames fall into it.",
  from: "The movement’s peak, your reaction, the lag of body and burst.",
  limits: "Reactions differ; practise with the drill of the moment.",
  questions: ["When do I press the button?", "How long is the peak?", "Do I press before the ball is there?"],
  words:
    "timing moment peak anticipation lag latency reaction burst pre-capture ball on the bat hit contact readout skew leaning rolling bent distorted curved late early decisive press time",
};
