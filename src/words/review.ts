import type { Maybe } from "@/core/units";
import { shutterWords } from "./format";

/** Which shutter was shown to keep half of the frames, or that none was yet. */
export const keepersSentence = (slowest: Maybe<number, "not-shown-yet">): string =>
  slowest.ok
    ? `${shutterWords(slowest.value)} is shown to keep at least half.`
    : "No shutter is shown to keep half yet: count more frames.";
