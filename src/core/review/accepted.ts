import { absent, present, type Maybe } from "../units";
import { Z_95 } from "./interval";
import type { Estimate } from "./hands";

/** Frames kept at one setting. */
export interface KeptAt {
  /** Clicks of the rail. */
  readonly click: number;
  /** Frames, 0 or more. */
  readonly kept: number;
}

/** Share of what was kept that lies at or under the setting that is called accepted (assumed: one in ten was an exception). */
const ACCEPTED = 0.9;
/** Fewer kept frames say nothing of what is accepted. */
const LEAST_KEPT = 10;

/**
 * The setting up to which a photographer really keeps frames: nine of ten kept ones lie at or under it, in clicks, with the bounds of that
 * quantile by the ranks of its order statistics (normal approximation of the binomial, textbook). Absent below ten kept frames.
 */
export function acceptedFrom(rows: readonly KeptAt[]): Maybe<Estimate, "too-few-frames"> {
  const sorted = rows.filter((r) => r.kept > 0).toSorted((a, b) => a.click - b.click);
  const frames = sorted.reduce((sum, r) => sum + r.kept, 0);
  if (frames < LEAST_KEPT) return absent("too-few-frames", { frames, least: LEAST_KEPT });
  const at = (rank: number): number => {
    let seen = 0;
    for (const { click, kept } of sorted) if ((seen += kept) >= rank) return click;
    return sorted.at(-1)!.click;
  };
  const spread = Z_95 * Math.sqrt(frames * ACCEPTED * (1 - ACCEPTED));
  return present({
    value: at(Math.ceil(ACCEPTED * frames)),
    low: at(Math.max(1, Math.floor(ACCEPTED * frames - spread))),
    high: at(Math.min(frames, Math.ceil(ACCEPTED * frames + spread) + 1)),
    frames,
  });
}
