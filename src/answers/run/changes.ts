import { comingUp, type Coming } from "@/core/judge";
import { answered } from "../answered";

/** As many as a card has room for. */
const MOST = 2;

/** What changes next, with what to set then; nothing while there is no picture. */
export const comingNext = answered(
  ({ found, timeline }) => [found, timeline] as const,
  (found, timeline): readonly Coming[] =>
    found ? comingUp(timeline, { at: found.at, settings: found.settings.settings }, MOST) : [],
);
