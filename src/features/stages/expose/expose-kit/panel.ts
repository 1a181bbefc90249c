import { type Panel, always, withStage } from "../../screen/panel";
import { KitForShot, mountedWords } from "../../shot/KitForShot";

export const exposeKitPanel: Panel = {
  id: "expose-kit",
  title: "Kit for this shot",
  phone: "folded",
  wide: "half",
  when: always,
  answer: mountedWords,
  load: withStage(KitForShot),
};
