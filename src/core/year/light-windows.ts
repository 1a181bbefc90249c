import { likeAgain, sunAt, type LikeAgainInput } from "../light";
import { angleBetween, type Progress } from "../units";

/** The light that is wished on a spot, over days that are looked at. */
export interface LightWindowsInput extends LikeAgainInput {
  /** Windows that are kept, the best of them; sixty when left out. */
  readonly most?: number;
}

/** A stretch of a day in which the light falls on a spot as it is wished. */
export interface LightWindow {
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  /** Degrees from true north of the sun in its middle. */
  readonly azimuth: number;
  /** Degrees of the sun as seen in its middle. */
  readonly altitude: number;
  /** How near to the middle of the wish it comes and how long it lasts, 0 … 1. */
  readonly fit: number;
}

const MOST = 60;
/** Minutes beyond which a longer window is no better (assumed). */
const LONG_ENOUGH = 40;
/** Degrees between sun and camera, seen from the spot, that each side of light is best at (assumed: the middle of its range). */
const BEST_TURN = { front: 20, side: 90, back: 160 } as const;
/** Degrees from that at which it counts as no better than any other. */
const TURN_RANGE = 60;

function windowOf(
  { place, toCamera, side, altitudes }: LightWindowsInput,
  found: { readonly from: number; readonly until: number },
): LightWindow {
  const sun = sunAt((found.from + found.until) / 2, place);
  const [low, high] = altitudes;
  const height =
    1 - Math.min(1, Math.abs(sun.apparentAltitude - (low + high) / 2) / Math.max(0.5, (high - low) / 2));
  const turn = 1 - Math.min(1, Math.abs(angleBetween(sun.azimuth, toCamera) - BEST_TURN[side]) / TURN_RANGE);
  const length = Math.min(1, (found.until - found.from) / (LONG_ENOUGH * 60_000));
  return {
    ...found,
    azimuth: sun.azimuth,
    altitude: sun.apparentAltitude,
    fit: (height + turn + length) / 3,
  };
}

/**
 * When over many days the sun shines on a spot from the wished side and height, past what is drawn there, whatever the sky will be: the best
 * windows first, sixty at most. A generator: it reports every ten days.
 */
export function* lightWindows(input: LightWindowsInput): Generator<Progress, LightWindow[], void> {
  const { days, most = MOST } = input;
  const found: LightWindow[] = [];
  for (const [i, day] of days.entries()) {
    found.push(...likeAgain({ ...input, days: [day] }).map((stretch) => windowOf(input, stretch)));
    if (i % 10 === 9) yield { done: i + 1, total: days.length };
  }
  return found.sort((a, b) => b.fit - a.fit || a.from - b.from).slice(0, most);
}
