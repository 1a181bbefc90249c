import { type Panel, always, withStage } from "../../screen/panel";
import { RunPlan } from "./View";

export const runGroundPanel: Panel = {
  id: "run-ground",
  title: "The ground",
  phone: "none",
  wide: "fill",
  lying: "none",
  when: always,
  load: withStage(RunPlan),
};
