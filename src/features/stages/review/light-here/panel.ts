import { type Panel, always, withStage } from "../../screen/panel";
import { Readings, readingsAnswer } from "./View";

export const lightHerePanel: Panel = {
  id: "light-here",
  title: "Light here",
  phone: "folded",
  wide: "half",
  when: always,
  answer: readingsAnswer,
  load: withStage(Readings),
};
