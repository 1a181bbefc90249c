import { type Panel, always, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";

/** Where the shot in hand happens, in a line. */
const spotAnswer = ({ spot }: OutingView): string => spot.name;

export const spotPanel: Panel = {
  id: "spot",
  title: "Spot of this shot",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: spotAnswer,
  load: whenSeen(async () => (await import("./View")).SpotFields),
};
