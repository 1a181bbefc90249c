import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const picturePanel: Panel = {
  id: "picture",
  title: "The picture",
  phone: "lead",
  wide: "fill",
  when: withPicture,
  load: whenSeen(async () => (await import("./View")).Picture),
};
