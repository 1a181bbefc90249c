import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "Other pictures of the same subject that can be had from here.",
  from: "Common practice of what makes a set of pictures.",
  limits: "Ideas, no rules.",
  questions: ["Which other pictures are there?", "How do I vary it?", "A wide one too?"],
  words:
    "ideas variation inspiration alternative creative else different portrait environment silhouette detail shoot here could other story series variety",
};
