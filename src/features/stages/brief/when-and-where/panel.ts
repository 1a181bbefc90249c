import { type Panel, always, withStage } from "../../screen/panel";
import { Facts } from "./View";

export const whenAndWherePanel: Panel = {
  id: "when-and-where",
  title: "When and where",
  phone: "lead",
  wide: "lead",
  when: always,
  load: withStage(Facts),
};
