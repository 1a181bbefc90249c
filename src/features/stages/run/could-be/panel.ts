import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const couldBePanel: Panel = {
  id: "could-be",
  title: "What it could be",
  phone: "lead",
  wide: "lead",
  when: (view) => withPicture(view) && view.outing.forecast !== undefined && !view.outing.light.roof,
  load: whenSeen(async () => (await import("./View")).CouldBe),
};
