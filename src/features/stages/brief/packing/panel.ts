import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const packingPanel: Panel = {
  id: "packing",
  title: "Packing list",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: ({ outing: { packing } }) =>
    packing ? `${countWords(packing.ticked.length, "thing")} ticked off` : "by what the day is",
  load: whenSeen(async () => (await import("./View")).Packing),
};
