import { isPlayedByDowns } from "@/answers/plan/venue";
import { type Panel, whenSeen } from "../../screen/panel";
import { downWords } from "@/words/downs";

export const downAndDistancePanel: Panel = {
  id: "down-and-distance",
  title: "Down and distance",
  phone: "open",
  wide: "open",
  when: ({ outing, position }) => position !== undefined && isPlayedByDowns(outing.ground.venue),
  answer: ({ outing: { downs } }) =>
    downs ? downWords(downs) : "the ball moves in a press, and you with it",
  load: whenSeen(async () => (await import("./View")).DownAndDistance),
};
