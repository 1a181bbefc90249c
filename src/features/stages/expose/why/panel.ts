import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { settingsWords } from "@/words";

export const whyPanel: Panel = {
  id: "why",
  title: "Why these settings",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: ({ found }) => (found ? settingsWords(found.settings.settings) : ""),
  load: whenSeen(async () => (await import("./View")).Why),
};
