import { type Panel, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { percentWords } from "@/words";

/** How much of the frame is filled from here, against what is wanted. */
const lensesAnswer = ({ found, shot }: OutingView): string =>
  found
    ? `${percentWords(found.sighting.frame.fill)} filled, ${percentWords(shot.fill)} wanted`
    : `${percentWords(shot.fill)} wanted`;

export const lensesPanel: Panel = {
  id: "lenses",
  worked: ["magnification", "fillOf"],
  title: "Lenses by position",
  phone: "folded",
  wide: "open",
  when: ({ rig }) => rig !== undefined,
  answer: lensesAnswer,
  load: whenSeen(async () => (await import("./View")).LensTable),
};
