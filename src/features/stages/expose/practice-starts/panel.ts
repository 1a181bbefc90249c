import { starting } from "@/answers/expose/practice-starts";
import { exposureWords } from "@/words";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const practiceStartsPanel: Panel = {
  id: "practice-starts",
  worked: ["blurLengthUm"],
  title: "Where practice starts",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: (view) => {
    const [first] = starting(view);
    return first
      ? `${exposureWords(first.start.shutter)}: ${first.start.discipline}`
      : "practice tells nothing of it";
  },
  load: whenSeen(async () => (await import("./View")).Starting),
};
