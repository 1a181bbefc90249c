import { type Panel, always, whenSeen } from "../../screen/panel";
import { counted } from "@/answers/review/keepers";
import type { OutingView } from "@/outing/outing-view";
import { keepersSentence } from "@/words";

/** The slowest shutter that keeps half, over what was counted. */
const countedAnswer = (view: OutingView): string =>
  view.outing.log.length === 0 ? "nothing counted yet" : keepersSentence(counted(view).slowest);

export const keepersPanel: Panel = {
  id: "keepers",
  title: "Keepers by shutter",
  phone: "folded",
  wide: "half",
  when: always,
  answer: countedAnswer,
  load: whenSeen(async () => (await import("./View")).Counted),
};
