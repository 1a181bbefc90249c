import { type Panel, withStage } from "../../screen/panel";
import { WatchOut } from "./View";

export const watchOutPanel: Panel = {
  id: "watch-out",
  title: "Watch out",
  phone: "lead",
  wide: "lead",
  when: ({ found }) => found !== undefined && found.judgement.length > 0,
  load: withStage(WatchOut),
};
