import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What the pictures are for, and each promised shot with what it asks.",
  from: "What you write here.",
  limits: "A brief that contradicts itself is said, not mended.",
  questions: [
    "How do I write a new shot?",
    "How do I say what the picture is for?",
    "Can I change what was promised?",
  ],
  words:
    "new create edit wish picture wanted list client purpose magazine web print another ordered crop format upright level",
};
