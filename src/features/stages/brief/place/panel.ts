import { type Panel, always, whenSeen } from "../../screen/panel";

export const placePanel: Panel = {
  id: "place",
  title: "The place",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: ({ outing }) => (outing.placeId ? "kept across outings" : "not kept yet"),
  load: whenSeen(async () => (await import("./View")).ThePlace),
};
