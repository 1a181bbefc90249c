import { type Panel, withStage } from "../../screen/panel";
import { WaysOut, isShort } from "./View";

export const waysPanel: Panel = {
  id: "ways",
  title: "Ways out",
  phone: "lead",
  wide: "lead",
  when: isShort,
  load: withStage(WaysOut),
};
