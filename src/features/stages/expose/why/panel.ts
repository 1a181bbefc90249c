import { type Panel, withPicture, withStage } from "../../screen/panel";
import { Why } from "./View";
import { settingsWords } from "@/words";

export const whyPanel: Panel = {
  id: "why",
  title: "Why these settings",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: ({ found }) => (found ? settingsWords(found.settings.settings) : ""),
  load: withStage(Why),
};
