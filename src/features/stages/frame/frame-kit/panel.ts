import { type Panel, always, withStage } from "../../screen/panel";
import { KitForShot, mountedWords } from "../../shot/KitForShot";

export const frameKitPanel: Panel = {
  id: "frame-kit",
  title: "Kit for this shot",
  phone: "folded",
  wide: "open",
  when: always,
  answer: mountedWords,
  load: withStage(KitForShot),
};
