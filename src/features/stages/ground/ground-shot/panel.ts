import { type Panel, always, withStage } from "../../screen/panel";
import { PositionHead } from "./View";

export const groundShotPanel: Panel = {
  id: "ground-shot",
  title: "The shot",
  phone: "none",
  wide: "lead",
  when: always,
  load: withStage(PositionHead),
};
