import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const promisedPanel: Panel = {
  id: "promised",
  title: "Promised",
  phone: "open",
  wide: "half",
  when: always,
  answer: ({ outing: { shots } }) =>
    `${countWords(shots.length, "shot")}, ${countWords(
      shots.reduce((n, s) => n + s.wanted, 0),
      "picture",
    )}`,
  load: whenSeen(async () => (await import("./View")).Promised),
};
