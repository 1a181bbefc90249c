import { type Panel, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const briefPlacesPanel: Panel = {
  id: "brief-places",
  title: "Places for the whole brief",
  phone: "folded",
  wide: "folded",
  further: true,
  when: ({ rig }) => rig !== undefined,
  answer: ({ outing }) =>
    `${countWords(outing.shots.length, "shot")} from ${countWords(outing.ground.positions.length, "position")}`,
  load: whenSeen(async () => (await import("./View")).BriefPlaces),
};
