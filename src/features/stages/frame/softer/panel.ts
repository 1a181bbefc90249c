import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { softer } from "@/answers/frame/softer";
import type { OutingView } from "@/outing/outing-view";
import { leverGain, leverTitle } from "@/words";

/** The strongest lever for a soft background, and its gain. */
const softerAnswer = (view: OutingView): string => {
  if (!view.found) return "";
  const [best] = softer(view);
  return best ? `${leverTitle(best)}: ${leverGain(best)}` : "plain already";
};

export const softerPanel: Panel = {
  id: "softer",
  worked: ["smoothness", "leversFor"],
  title: "A softer background",
  phone: "folded",
  wide: "open",
  when: withPicture,
  answer: softerAnswer,
  load: whenSeen(async () => (await import("./View")).Softer),
};
