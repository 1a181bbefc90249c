import { flicker } from "@/answers/expose/flicker";
import { flickerSentence } from "@/words";
import { type Panel, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";

/** Whether lamps light the subject. */
const underLamps = ({ found }: OutingView): boolean => (found?.light.lux.lamps ?? 0) > 0;

export const flickerPanel: Panel = {
  id: "flicker",
  worked: ["flickerSwing", "swingInStops", "modulationFromFrames"],
  title: "Lamps that flicker",
  phone: "folded",
  wide: "folded",
  when: underLamps,
  answer: (view) => {
    const answer = flicker(view);
    return answer ? flickerSentence(answer.flicker) : "";
  },
  load: whenSeen(async () => (await import("./View")).Flicker),
};
