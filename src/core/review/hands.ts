import { absent, present, type Maybe } from "../units";
import { Z_95 } from "./keepers";

/** A panned frame in which the smear of the subject was measured. */
export interface PannedFrame {
  /** Full streak of the place behind, µm on the sensor. */
  readonly streakUm: number;
  /** Smear of the subject along the pan, and what of it is not the hand (pixel, diffraction, focus), µm. */
  readonly smearUm: number;
  readonly restUm: number;
}

/** A followed frame in which the smear of the subject was measured. */
export interface TrackedFrame {
  readonly smearUm: number;
  readonly restUm: number;
  /** Exposure in seconds. */
  readonly exposure: number;
  /** µm on the sensor for a metre at the subject. */
  readonly umPerMetre: number;
  /** m/s across the line of sight, and the bob that no following takes out. */
  readonly crossing: number;
  readonly bob: number;
}

/** An estimate with the bounds of its 95 % interval; never negative. */
export interface Estimate {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly frames: number;
}

/** Fewer marked frames than this say nothing of a hand (assumed). */
const LEAST_FRAMES = 5;

/** Quantile of chi-square over its degrees of freedom (Wilson and Hilferty 1931, from memory; within 1 % from five on). */
const chiSquareRatio = (degrees: number, z: number): number =>
  Math.max(0, 1 - 2 / (9 * degrees) + z * Math.sqrt(2 / (9 * degrees))) ** 3;

function spreadOf(meanSquare: number, frames: number): Estimate {
  const value = Math.sqrt(Math.max(0, meanSquare));
  return {
    value,
    low: value / Math.sqrt(chiSquareRatio(frames, Z_95)),
    high: value / Math.sqrt(chiSquareRatio(frames, -Z_95)),
    frames,
  };
}

/**
 * Spread σ of a photographer's pan as a share of the right turn, from frames whose smear was marked: root mean square of
 * smear over streak, what is not the hand taken out as variance. Absent below five frames that draw a streak.
 */
export function panSpreadFrom(frames: readonly PannedFrame[]): Maybe<Estimate, "too-few-frames"> {
  const drawn = frames.filter((f) => f.streakUm > 0);
  if (drawn.length < LEAST_FRAMES)
    return absent("too-few-frames", { frames: drawn.length, least: LEAST_FRAMES });
  const sum = drawn.reduce((s, f) => s + (f.smearUm ** 2 - f.restUm ** 2) / f.streakUm ** 2, 0);
  return present(spreadOf(sum / drawn.length, drawn.length));
}

/**
 * Share of the crossing speed that a following hand leaves: least squares of smear speed² = (share·crossing)² + bob².
 * Absent below five frames of something that crosses.
 */
export function trackingResidualFrom(frames: readonly TrackedFrame[]): Maybe<Estimate, "too-few-frames"> {
  const crossing = frames.filter((f) => f.crossing > 0 && f.exposure > 0);
  if (crossing.length < LEAST_FRAMES)
    return absent("too-few-frames", { frames: crossing.length, least: LEAST_FRAMES });
  let [left, right] = [0, 0];
  for (const f of crossing) {
    const speed2 = (f.smearUm ** 2 - f.restUm ** 2) / (f.exposure * f.umPerMetre) ** 2;
    left += (speed2 - f.bob ** 2) * f.crossing ** 2;
    right += f.crossing ** 4;
  }
  return present(spreadOf(left / right, crossing.length));
}
