import { type Panel, always, withStage } from "../../screen/panel";
import { CountForm } from "./View";

export const countPanel: Panel = {
  id: "count",
  title: "Count your frames",
  phone: "open",
  wide: "open",
  when: always,
  answer: ({ shot }) => `of ${shot.name}`,
  load: withStage(CountForm),
};
