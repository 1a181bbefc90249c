import { type Panel, always, whenSeen } from "../../screen/panel";

export const journalPanel: Panel = {
  id: "journal",
  title: "The journal",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: () => "the story of the day, to keep or to print",
  load: whenSeen(async () => (await import("./View")).TheJournal),
};
