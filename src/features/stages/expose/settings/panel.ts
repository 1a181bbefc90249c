import { type Panel, withPicture, withStage } from "../../screen/panel";
import { Rails } from "./View";

export const settingsPanel: Panel = {
  id: "settings",
  title: "Settings",
  phone: "lead",
  wide: "main",
  when: withPicture,
  load: withStage(Rails),
};
