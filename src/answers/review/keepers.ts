import { keepersBy, slowestThatKeeps } from "@/core/review";
import { answered } from "../answered";

/** Half of the frames kept is what a setting has to show to be called one that keeps (common practice: few ask for more). */
const HALF = 0.5;

/** What was counted of an outing: keepers by shutter, and the slowest that keeps half. */
export const counted = answered(
  ({ outing }) => [outing.log] as const,
  (log) => {
    const rows = keepersBy("shutter", log);
    return { rows, slowest: slowestThatKeeps(rows, HALF) };
  },
);
