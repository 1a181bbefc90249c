import { type Panel, always, whenSeen } from "../../screen/panel";

export const suppliesPanel: Panel = {
  id: "supplies",
  worked: [
    "suppliesOf.frames",
    "suppliesOf.cards",
    "suppliesOf.batteries",
    "coldShare",
    "suppliesOf.waterLitres",
  ],
  title: "Supplies of the day",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: () => "frames, cards, batteries, water",
  load: whenSeen(async () => (await import("./View")).Supplies),
};
