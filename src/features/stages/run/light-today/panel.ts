import { lightOff } from "@/answers/run/light-today";
import { type Panel, whenSeen } from "../../screen/panel";

export const lightTodayPanel: Panel = {
  id: "light-today",
  title: "The light today",
  phone: "lead",
  wide: "lead",
  when: (view) => lightOff(view) !== undefined,
  load: whenSeen(async () => (await import("./View")).LightOfToday),
};
