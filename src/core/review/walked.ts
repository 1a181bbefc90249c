import { loadedPace } from "../ground";
import { absent, present, type Maybe } from "../units";
import type { Estimate } from "./hands";
import { studentT } from "./quantiles";

/** A walk whose way and time were measured. */
export interface Walked {
  /** Metres of the way, above 0. */
  readonly metres: number;
  /** Seconds from leaving to being there, above 0. */
  readonly seconds: number;
  /** Grams that were carried, 0 or more. */
  readonly grams: number;
}

/** Fewer walks than this say nothing of a pace (assumed). */
const LEAST_WALKS = 5;

/**
 * Pace in m/s of who carries nothing that slows: the geometric mean over walks of metres over seconds, each brought back by what was carried,
 * with the t interval of its logarithm (textbook). Absent below five walks.
 */
export function paceFrom(walks: readonly Walked[]): Maybe<Estimate, "too-few-frames"> {
  if (walks.length < LEAST_WALKS)
    return absent("too-few-frames", { frames: walks.length, least: LEAST_WALKS });
  const logs = walks.map(({ metres, seconds, grams }) =>
    Math.log(metres / seconds / loadedPace({ walkingPace: 1, grams })),
  );
  const mean = logs.reduce((sum, x) => sum + x, 0) / logs.length;
  const degrees = logs.length - 1;
  const variance = logs.reduce((sum, x) => sum + (x - mean) ** 2, 0) / degrees;
  const half = studentT(degrees) * Math.sqrt(variance / logs.length);
  return present({
    value: Math.exp(mean),
    low: Math.exp(mean - half),
    high: Math.exp(mean + half),
    frames: walks.length,
  });
}
