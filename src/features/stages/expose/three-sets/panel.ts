import { countWords } from "@/words";
import { type Panel, always, whenSeen } from "../../screen/panel";

export const threeSetsPanel: Panel = {
  id: "three-sets",
  worked: ["chooseSets"],
  title: "The card: three sets for the camera",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: ({ outing }) => `${countWords(outing.shots.length, "shot")} in three sets`,
  load: whenSeen(async () => (await import("./View")).Card),
};
