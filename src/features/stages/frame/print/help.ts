import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How large it can be printed and still look sharp from where one stands.",
  from: "The pixels that are left, the blur, and the eye’s acuity.",
  limits: "Paper and ink differ.",
  questions: ["How large may I print?", "Is it enough for a double page?", "How many pixels do they need?"],
  words:
    "print paper size a4 a3 poster dpi resolution pixels enlargement magazine newspaper wall megapixels enough metre wide cover banner",
};
