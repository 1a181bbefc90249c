import { type Panel, always, whenSeen } from "../../screen/panel";
import { onGroundAnswer } from "../draw/on-ground-line";

export const onTheGroundPanel: Panel = {
  id: "on-the-ground",
  title: "On the ground",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: onGroundAnswer,
  load: whenSeen(async () => (await import("../draw/drawing-parts")).OnTheGround),
};
