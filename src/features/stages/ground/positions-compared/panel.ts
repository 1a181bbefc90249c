import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";

const comparedAnswer = ({ outing }: OutingView): string =>
  outing.ground.positions.map((p) => p.name).join(", ");

export const positionsComparedPanel: Panel = {
  id: "positions-compared",
  title: "Positions compared",
  phone: "folded",
  wide: "open",
  further: true,
  when: withPicture,
  answer: comparedAnswer,
  load: whenSeen(async () => (await import("./View")).CompareTable),
};
