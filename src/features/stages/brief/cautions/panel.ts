import { type Panel, always, withStage } from "../../screen/panel";
import { Cautions } from "./View";
import { countWords } from "@/words";

export const cautionsPanel: Panel = {
  id: "cautions",
  title: "Cautions",
  phone: "open",
  wide: "open",
  when: always,
  answer: ({ outing }) => countWords(outing.cautions.length, "caution"),
  load: withStage(Cautions),
};
