import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const programmePanel: Panel = {
  id: "programme",
  title: "Programme",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: ({ outing: { programme = [] } }) =>
    programme.length === 0 ? "nothing put in" : countWords(programme.length, "event"),
  load: whenSeen(async () => (await import("./View")).Programme),
};
