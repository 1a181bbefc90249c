import { type Panel, always, withStage } from "../../screen/panel";
import { Notes } from "./View";

export const nextTimePanel: Panel = {
  id: "next-time",
  title: "For next time",
  phone: "folded",
  wide: "open",
  when: always,
  answer: ({ outing }) => outing.notes || "nothing noted yet",
  load: withStage(Notes),
};
