import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const owedPanel: Panel = {
  id: "owed",
  title: "Still owed",
  phone: "open",
  wide: "open",
  when: always,
  answer: ({ outing: { shots } }) =>
    `${countWords(
      shots.reduce((n, s) => n + Math.max(0, s.wanted - (s.got ?? 0)), 0),
      "picture",
    )} of ${shots.reduce((n, s) => n + s.wanted, 0)}`,
  load: whenSeen(async () => (await import("./View")).StillOwed),
};
