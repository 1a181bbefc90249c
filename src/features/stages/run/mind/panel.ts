import { type Panel, always, whenSeen } from "../../screen/panel";

export const mindPanel: Panel = {
  id: "mind",
  title: "Mind now",
  phone: "lead",
  wide: "lead",
  when: always,
  load: whenSeen(async () => (await import("./View")).Mind),
};
