import { type Panel, whenSeen } from "../../screen/panel";

export const otherPositionsPanel: Panel = {
  id: "other-positions",
  title: "Other positions for this shot",
  phone: "folded",
  wide: "folded",
  when: ({ rig }) => rig !== undefined,
  answer: () => "anywhere you may stand, with each of your lenses",
  load: whenSeen(async () => (await import("./View")).FindPositions),
};
