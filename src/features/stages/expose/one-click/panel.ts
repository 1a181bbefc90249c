import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { clickNoiseEqual } from "@/answers/expose/one-click";
import type { OutingView } from "@/outing/outing-view";
import { signedStops } from "@/words";

/** Light collected against a whole 36×24. */
const noiseAnswer = (view: OutingView): string => {
  const answer = clickNoiseEqual(view);
  return answer ? `${signedStops(-answer.noise.belowFullFrame)} stops of light against a whole 36×24` : "";
};

export const oneClickPanel: Panel = {
  id: "one-click",
  worked: ["noiseOf", "onHalfStops", "apertureValue", "timeValue", "speedValue"],
  title: "One click, noise, the same exposure",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: noiseAnswer,
  load: whenSeen(async () => (await import("./View")).OneClick),
};
