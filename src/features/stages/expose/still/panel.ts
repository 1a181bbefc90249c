import { magnificationWords, verdictWords } from "@/words";
import { type Panel, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";

/** Magnification from which the hand's own sway and the stem count. */
const NEAR = 0.1;

/** Whether the picture is one of something that keeps its place, or is taken close up. */
const isStillOrNear = ({ found, shot, subject }: OutingView): boolean =>
  found !== undefined &&
  (shot.intent === "still" ||
    shot.intent === "context" ||
    found.sighting.frame.magnification >= NEAR ||
    subject.bodySpeed === 0);

export const stillPanel: Panel = {
  id: "still",
  worked: ["stillFound", "shakeUmPerSecond", "stabiliserStopsOf", "bellowsLoss"],
  title: "Still and near",
  phone: "folded",
  wide: "open",
  further: true,
  when: isStillOrNear,
  answer: ({ found }) =>
    found
      ? `magnification ${magnificationWords(found.sighting.frame.magnification)}, ${verdictWords(found.motion.held.verdict)}`
      : "",
  load: whenSeen(async () => (await import("./View")).StillAndNear),
};
