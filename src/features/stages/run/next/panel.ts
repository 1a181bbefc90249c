import { type Panel, whenSeen, withProgramme } from "../../screen/panel";

export const nextPanel: Panel = {
  id: "next",
  title: "Next",
  phone: "lead",
  wide: "lead",
  lying: "main",
  when: withProgramme,
  load: whenSeen(async () => (await import("./View")).NextUp),
};
