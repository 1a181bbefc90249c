import { type Panel, always, whenSeen } from "../../screen/panel";

export const contactSheetPanel: Panel = {
  id: "contact-sheet",
  title: "Contact sheet",
  phone: "folded",
  wide: "main",
  when: always,
  answer: () => "frames in their bursts: keep, perhaps, away",
  load: whenSeen(async () => (await import("./View")).ContactSheet),
};
