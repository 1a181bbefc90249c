import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const peoplePanel: Panel = {
  id: "people",
  title: "My people",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: ({ outing: { people = [] } }) =>
    people.length === 0 ? "nobody yet" : countWords(people.length, "person", "people"),
  load: whenSeen(async () => (await import("./View")).People),
};
