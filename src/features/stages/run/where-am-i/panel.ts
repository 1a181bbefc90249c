import { type Panel, always, whenSeen } from "../../screen/panel";

export const whereAmIPanel: Panel = {
  id: "where-am-i",
  title: "Where am I",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: () => "my place on the plan, and the way to a position",
  load: whenSeen(async () => (await import("./View")).WhereAmI),
};
