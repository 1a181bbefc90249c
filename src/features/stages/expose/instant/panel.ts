import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { instant } from "@/answers/expose/instant";
import type { OutingView } from "@/outing/outing-view";
import { eventWords } from "@/words";

const instantAnswer = (view: OutingView): string => {
  const answer = instant(view);
  return answer ? eventWords(answer) : "";
};

export const instantPanel: Panel = {
  id: "instant",
  worked: [
    "betweenFrames",
    "chanceToHold",
    "topOfJump",
    "takeOffSpeed",
    "rollingShutterLeanMm",
    "burstRun.seconds",
    "preBurstSeconds",
  ],
  title: "The instant",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: instantAnswer,
  load: whenSeen(async () => (await import("./View")).Instant),
};
