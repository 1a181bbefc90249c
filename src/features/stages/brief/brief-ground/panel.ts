import { type Panel, always, withStage } from "../../screen/panel";
import { Sketch } from "./View";

export const briefGroundPanel: Panel = {
  id: "brief-ground",
  title: "The ground",
  phone: "none",
  wide: "half",
  when: always,
  answer: ({ outing }) => outing.place,
  load: withStage(Sketch),
};
