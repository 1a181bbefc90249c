import { type Panel, always, whenSeen } from "../../screen/panel";

export const picturesInPanel: Panel = {
  id: "pictures-in",
  title: "Pictures in",
  phone: "folded",
  wide: "open",
  when: always,
  answer: () => "a folder or files; nothing leaves this device",
  load: whenSeen(async () => (await import("./View")).PicturesIn),
};
