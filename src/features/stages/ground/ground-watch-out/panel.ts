import { type Panel, withStage } from "../../screen/panel";
import { WatchHere } from "./View";
import { countWords } from "@/words";

export const groundWatchOutPanel: Panel = {
  id: "ground-watch-out",
  title: "Watch out",
  phone: "open",
  wide: "lead",
  when: ({ found }) => found !== undefined && found.judgement.some((j) => j.weight !== "veto"),
  answer: ({ found }) => countWords(found?.judgement.length ?? 0, "thing"),
  load: withStage(WatchHere),
};
