import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const lightOverPanel: Panel = {
  id: "light-over",
  title: "Light over the ground",
  phone: "folded",
  wide: "folded",
  further: true,
  when: (view) => withPicture(view) && view.position !== undefined,
  answer: () => "bright and dark places, in clicks against this spot",
  load: whenSeen(async () => (await import("./View")).LightOver),
};
