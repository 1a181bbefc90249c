import { type Panel, always, whenSeen } from "../../screen/panel";

export const thisPhonePanel: Panel = {
  id: "this-phone",
  title: "This phone",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: () => "screen, vibration, tone, notices, lock",
  load: whenSeen(async () => (await import("./View")).ThisPhone),
};
