import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { backgroundWords, softnessWords } from "@/words";

/** What lies behind, and how soft it comes. */
const depthAnswer = ({ found }: OutingView): string => {
  if (!found) return "";
  const { background } = found.sighting;
  return `${backgroundWords(background)}, ${softnessWords(background)}`;
};

export const depthPanel: Panel = {
  id: "depth",
  worked: ["circleOfConfusionMm", "hyperfocal", "depthOfField.near", "depthOfField.far"],
  title: "Depth",
  phone: "open",
  wide: "main",
  lying: "open",
  when: withPicture,
  answer: depthAnswer,
  load: whenSeen(async () => (await import("./View")).Depth),
};
