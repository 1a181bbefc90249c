import { keepersBy, slowestThatKeeps } from "@/core/review";
import type { OutingView } from "@/outing/outing-view";
import { keepersSentence } from "@/words";

// The line of a panel that is loaded when it is first seen: it stands here, so that saying it loads nothing.

/** Half of the frames kept is what a setting has to show to be called one that keeps (common practice: few ask for more). */
const HALF = 0.5;

/** The slowest shutter that keeps half, over what was counted. */
export const countedAnswer = ({ outing: { log } }: Pick<OutingView, "outing">): string =>
  log.length === 0
    ? "nothing counted yet"
    : keepersSentence(slowestThatKeeps(keepersBy("shutter", log), HALF));
