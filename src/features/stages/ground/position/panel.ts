import { type Panel, always, withStage } from "../../screen/panel";
import { PositionFields, positionAnswer } from "./View";

export const positionPanel: Panel = {
  id: "position",
  title: "Position",
  phone: "folded",
  wide: "open",
  when: always,
  answer: positionAnswer,
  load: withStage(PositionFields),
};
