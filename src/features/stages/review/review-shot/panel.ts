import { type Panel, always, withStage } from "../../screen/panel";
import { ShotInHand } from "../../shot/ShotInHand";

export const reviewShotPanel: Panel = {
  id: "review-shot",
  title: "The shot",
  phone: "lead",
  wide: "lead",
  when: always,
  load: withStage(ShotInHand),
};
