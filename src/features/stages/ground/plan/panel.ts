import { type Panel, always, withStage } from "../../screen/panel";
import { GroundPlan } from "./View";

export const planPanel: Panel = {
  id: "plan",
  title: "The plan",
  phone: "fill",
  wide: "fill",
  when: always,
  load: withStage(GroundPlan),
};
