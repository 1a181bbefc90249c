import type { OutingView } from "@/outing/outing-view";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

/** For who asked for plain words, by the first answers or under Preferences. */
const wanted = (view: OutingView): boolean => view.preferences.plainWords === true && withPicture(view);

export const inPlainWordsPanel: Panel = {
  id: "in-plain-words",
  title: "In plain words",
  phone: "lead",
  wide: "lead",
  when: wanted,
  load: whenSeen(async () => (await import("./View")).InPlainWords),
};
