import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "A caption for every frame by your own template, with the names in it.",
  from: "Fields of the outing, tags, people, programme.",
  limits: "Who refused is named nowhere: read what leaves.",
  questions: ["How do I caption?", "How do names get under the pictures?", "Where do I set the copyright?"],
  words: "caption title description keywords metadata iptc xmp text names write copyright credit template",
};
