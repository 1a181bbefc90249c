import { type Panel, always, withStage } from "../../screen/panel";
import { PositionFigures } from "./View";

export const fromHerePanel: Panel = {
  id: "from-here",
  title: "From here",
  phone: "lead",
  wide: "lead",
  when: always,
  load: withStage(PositionFigures),
};
