import { absent, present, type Maybe } from "../units";
import { luminanceAt, type Pixels } from "./sharpness";

/** A place in a picture, pixels from its left and its upper edge. */
export interface Tap {
  /** Pixels, 0 or more. */
  readonly x: number;
  /** Pixels, 0 or more. */
  readonly y: number;
}

/** A smear as it was measured in a picture. */
export interface SmearMeasured {
  /** Pixels of the picture between the two taps. */
  readonly tapped: number;
  /** Pixels of the picture: √12 times the spread of the edge between them, which of a straight smear is its whole length. */
  readonly length: number;
}

/** Share of the step at each end of an edge that is taken for grain and not for edge (assumed). */
const GRAIN = 0.04;
/** Step in linear luminance below which there is no edge to measure. */
const LEAST_STEP = 0.02;
/** Pixels either side of the line over which it is averaged: grain goes, an edge across the line stays. */
const ASIDE = 2;

/** Luminance along a line, a sample a pixel, averaged over a strip across it. */
function along(pixels: Pixels, from: Tap, to: Tap, reach: number): number[] {
  const length = Math.hypot(to.x - from.x, to.y - from.y);
  const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
  const clamp = (v: number, most: number): number => Math.min(most - 1, Math.max(0, Math.round(v)));
  return Array.from({ length: Math.ceil(length + 2 * reach) + 1 }, (_, i) => {
    let sum = 0;
    for (let aside = -ASIDE; aside <= ASIDE; aside++) {
      const x = from.x + ux * (i - reach) - uy * aside;
      const y = from.y + uy * (i - reach) + ux * aside;
      sum += luminanceAt(pixels, clamp(x, pixels.width), clamp(y, pixels.height));
    }
    return sum / (2 * ASIDE + 1);
  });
}

/** √12 times the spread of an edge's derivative, in samples; what is no more than grain counts nothing. */
function spreadOf(profile: readonly number[]): number | undefined {
  const end = Math.max(1, Math.round(profile.length / 12));
  const mean = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0) / values.length;
  const [low, high] = [mean(profile.slice(0, end)), mean(profile.slice(-end))];
  if (Math.abs(high - low) < LEAST_STEP) return undefined;
  const risen = profile.map((v) => {
    const share = (v - low) / (high - low);
    return share < GRAIN ? 0 : share > 1 - GRAIN ? 1 : share;
  });
  let [weight, first, second] = [0, 0, 0];
  for (let i = 1; i < risen.length; i++) {
    const w = risen[i]! - risen[i - 1]!;
    weight += w;
    first += w * i;
    second += w * i * i;
  }
  const middle = first / weight;
  return Math.sqrt(12 * Math.max(0, second / weight - middle ** 2));
}

/**
 * Length of the smear of an edge between two taps, one on each side of it: the picture is read along the line between them, in linear
 * light, a quarter of its length beyond either tap. Within 5 % for edges of 4 px and more that stand out. Absent where the taps lie
 * less than two pixels apart, or no edge lies between them.
 */
export function smearBetween(
  pixels: Pixels,
  from: Tap,
  to: Tap,
): Maybe<SmearMeasured, "too-near" | "no-edge"> {
  const tapped = Math.hypot(to.x - from.x, to.y - from.y);
  if (tapped < 2) return absent("too-near", { pixels: tapped });
  const length = spreadOf(along(pixels, from, to, Math.max(3, tapped / 4)));
  return length === undefined ? absent("no-edge") : present({ tapped, length });
}
