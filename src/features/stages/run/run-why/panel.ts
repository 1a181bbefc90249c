import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { settingsWords } from "@/words";

export const runWhyPanel: Panel = {
  id: "run-why",
  title: "Why these settings",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: ({ found }) => (found ? settingsWords(found.settings.settings) : ""),
  load: whenSeen(async () => (await import("../../expose/why/View")).Why),
};
