import { type Panel, always, withStage } from "../../screen/panel";
import { ExposeHead } from "./View";

export const exposeShotPanel: Panel = {
  id: "expose-shot",
  title: "The shot",
  phone: "lead",
  wide: "main",
  when: always,
  load: withStage(ExposeHead),
};
