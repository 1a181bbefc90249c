import { type Panel, whenSeen, withProgramme } from "../../screen/panel";
import { countWords } from "@/words";

export const programmeInOrderPanel: Panel = {
  id: "programme-in-order",
  worked: ["coverage", "worthFrom", "wayOnFoot"],
  title: "The programme, in order",
  phone: "folded",
  wide: "open",
  when: withProgramme,
  answer: ({ outing: { programme = [] } }) => countWords(programme.length, "event"),
  load: whenSeen(async () => (await import("./View")).Coverage),
};
