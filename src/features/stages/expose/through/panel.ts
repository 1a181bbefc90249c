import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { through } from "@/answers/expose/through";
import type { OutingView } from "@/outing/outing-view";
import { throughWords } from "@/words";

/** Whether a limit breaks through the outing, and when worst. */
const throughAnswer = (view: OutingView): string => throughWords(through(view));

export const throughPanel: Panel = {
  id: "through",
  title: "Settings through the outing",
  worked: ["timeline"],
  phone: "folded",
  wide: "open",
  when: withPicture,
  answer: throughAnswer,
  load: whenSeen(async () => (await import("./View")).ThroughOuting),
};
