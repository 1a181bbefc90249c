import type { BurstRun } from "@/core/motion";
import type { Maybe } from "@/core/units";
import { shutterWords, twoFigures } from "./format";

/** Which shutter was shown to keep half of the frames, or that none was yet. */
export const keepersSentence = (slowest: Maybe<number, "not-shown-yet">): string =>
  slowest.ok
    ? `${shutterWords(slowest.value)} is shown to keep at least half.`
    : "No shutter is shown to keep half yet: count more frames.";

/** How long a burst runs: "a burst runs 4 s, 80 frames". */
export const burstSentence = ({ seconds, frames }: BurstRun): string =>
  seconds === "unlimited"
    ? "a burst never fills the buffer"
    : `a burst runs ${twoFigures(seconds)}\u00a0s, ${frames} frames`;
