import { type Panel, always, whenSeen } from "../../screen/panel";

export const comingInPanel: Panel = {
  id: "coming-in",
  title: "Frames and calls coming in",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: () => "a camera on a cable, a meet",
  load: whenSeen(async () => (await import("./View")).Connected),
};
