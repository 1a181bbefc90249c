import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Takes what your test shot says about the light: too dark, right, too bright.",
  from: "The settings that you shot with.",
  limits: "Look at the subject, not at the whole screen.",
  questions: ["My test shot is too dark", "The picture is too bright", "How do I tell the light what it is?"],
  words:
    "reading measure histogram underexposed overexposed dark bright correct exposure light changed half stop test pictures photo come out take under over photos too now what after",
};
