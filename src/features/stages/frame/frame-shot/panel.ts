import { type Panel, always, withStage } from "../../screen/panel";
import { FrameHead } from "./View";

export const frameShotPanel: Panel = {
  id: "frame-shot",
  title: "The shot",
  phone: "lead",
  wide: "main",
  when: always,
  load: withStage(FrameHead),
};
