import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Date, window, place and time zone of this outing, and who lets you in.",
  from: "What you typed; the time zone from the coordinates.",
  limits: "A time that the clocks skip or show twice is said.",
  questions: ["How do I move it to another day?", "When am I there?", "Where is it?", "Who lets me in?"],
  words:
    "date time day start end window postponed reschedule address coordinates latitude longitude time zone access begins brief kick-off later earlier moved sunday postpone change game match starts arrive stay",
};
