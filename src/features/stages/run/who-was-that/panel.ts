import { type Panel, always, whenSeen } from "../../screen/panel";

export const whoWasThatPanel: Panel = {
  id: "who-was-that",
  title: "Who was that?",
  phone: "none",
  wide: "folded",
  when: always,
  answer: ({ outing: { people = [] } }) =>
    people.length > 0 ? "one press on a name, a lane, a word" : "by lane, colour, word, or spoken",
  load: whenSeen(async () => (await import("./View")).TagPad),
};
