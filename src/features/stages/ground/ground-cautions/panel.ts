import { type Panel, withStage } from "../../screen/panel";
import { CautionsHere } from "./View";
import { countWords } from "@/words";

export const groundCautionsPanel: Panel = {
  id: "ground-cautions",
  title: "Cautions",
  phone: "open",
  wide: "lead",
  when: ({ outing }) => outing.cautions.length > 0,
  answer: ({ outing }) => countWords(outing.cautions.length, "caution"),
  load: withStage(CautionsHere),
};
