import { type Panel, always, withStage } from "../../screen/panel";
import { FieldCard } from "./View";

export const cardPanel: Panel = {
  id: "card",
  title: "Field card",
  phone: "lead",
  wide: "lead",
  lying: "main",
  when: always,
  load: withStage(FieldCard),
};
