import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { reach } from "@/answers/frame/reach";
import type { OutingView } from "@/outing/outing-view";
import { focalWords } from "@/words";

/** The lens that the wished fill wants from here. */
const reachAnswer = (view: OutingView): string => {
  const answer = reach(view);
  return answer ? `${focalWords(answer.found.focalLengthMm)} wanted from here` : "";
};

export const reachPanel: Panel = {
  id: "reach",
  worked: ["focalLengthForImage", "markedDistance", "angleOfView", "lightStopsBelowFullFrame"],
  title: "Reach, converters and bodies",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: reachAnswer,
  load: whenSeen(async () => (await import("./View")).ReachBothWays),
};
