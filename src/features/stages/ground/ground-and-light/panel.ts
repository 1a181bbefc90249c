import { type Panel, always, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { bearingWords, surfaceWords } from "@/words";

/** How the ground lies and what it is made of, in a line. */
const lieAnswer = ({ outing: { ground } }: OutingView): string =>
  `${surfaceWords(ground.surface ?? "grass").toLowerCase()}, long axis to ${bearingWords(ground.venue.bearing)}`;

export const groundAndLightPanel: Panel = {
  id: "ground-and-light",
  title: "Ground and light",
  phone: "folded",
  wide: "folded",
  when: always,
  answer: lieAnswer,
  load: whenSeen(async () => (await import("./View")).LieOfGround),
};
