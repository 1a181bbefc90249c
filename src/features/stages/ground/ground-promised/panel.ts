import { type Panel, always, withStage } from "../../screen/panel";
import { ShotList } from "../../shot/ShotList";
import { countWords } from "@/words";

export const groundPromisedPanel: Panel = {
  id: "ground-promised",
  title: "Promised",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: ({ outing }) => countWords(outing.shots.length, "shot"),
  load: withStage(ShotList),
};
