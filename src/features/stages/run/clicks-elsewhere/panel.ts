import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const clicksElsewherePanel: Panel = {
  id: "clicks-elsewhere",
  title: "Clicks elsewhere",
  phone: "lead",
  wide: "lead",
  when: (view) => withPicture(view) && view.outing.ground.zones.length > 1,
  load: whenSeen(async () => (await import("./View")).Zones),
};
