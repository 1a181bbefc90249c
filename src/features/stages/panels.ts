import { BRIEF } from "./brief/panels";
import { EXPOSE } from "./expose/panels";
import { FRAME } from "./frame/panels";
import { REVIEW } from "./review/panels";
import { RUN } from "./run/panels";
import type { Panel } from "./screen/panel";
import type { StageKey } from "./screen/stages";

/** What each stage is made of, in the order in which it is drawn; that of Ground depends on whether one draws. */
export const PANELS: Readonly<Record<Exclude<StageKey, "ground">, readonly Panel[]>> = {
  brief: BRIEF,
  frame: FRAME,
  expose: EXPOSE,
  run: RUN,
  review: REVIEW,
};
