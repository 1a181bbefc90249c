import { absent, present, type Maybe } from "../units";
import { Z_95 } from "./interval";
import { chiSquareRatio } from "./quantiles";

/** A panned frame in which the smear of the subject was measured. */
export interface PannedFrame {
  /** Full streak of the place behind, µm on the sensor. */
  readonly streakUm: number;
  /** Smear of the subject along the pan, and what of it is not the hand (pixel, diffraction, focus), µm. */
  readonly smearUm: number;
  /** What of the smear is not the hand (pixel, diffraction, focus), µm. */
  readonly restUm: number;
}

/** A followed frame in which the smear of the subject was measured. */
export interface TrackedFrame {
  /** Smear of the subject, µm. */
  readonly smearUm: number;
  /** What of it is not the hand, µm. */
  readonly restUm: number;
  /** Exposure in seconds. */
  readonly exposure: number;
  /** µm on the sensor for a metre at the subject. */
  readonly umPerMetre: number;
  /** m/s across the line of sight, and the bob that no following takes out. */
  readonly transverseSpeed: number;
  /** m/s that no following takes out. */
  readonly bob: number;
}

/** An estimate with the bounds of its 95 % interval; never negative. */
export interface Estimate {
  /** In the unit of what is estimated, 0 or more. */
  readonly value: number;
  /** Lower end of its 95 % interval. */
  readonly low: number;
  /** Upper end of its 95 % interval. */
  readonly high: number;
  /** How many frames it rests on. */
  readonly frames: number;
}

/** Fewer marked frames than this say nothing of a hand (assumed). */
const LEAST_FRAMES = 5;

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

/** A followed frame as a square of a normal error: what was seen (m/s)², its transverse speed squared, the bob squared. */
interface Followed {
  readonly seen: number;
  readonly transverse2: number;
  readonly bob2: number;
}

/**
 * Frames against a share of which the square is given: each frame's square over its expected one, weighed by the inverse
 * variance of what it tells of that square. Near 1 where the share is right. `degrees`: of freedom of such a mean,
 * matched by its variance (Satterthwaite 1946, from memory).
 */
function against(frames: readonly Followed[], share2: number): { ratio: number; degrees: number } {
  let [sum, weights, squares] = [0, 0, 0];
  for (const { seen, transverse2, bob2 } of frames) {
    const expected = share2 * transverse2 + bob2;
    const weight = transverse2 / expected;
    sum += (weight * seen) / expected;
    weights += weight;
    squares += weight ** 2;
  }
  return { ratio: sum / weights, degrees: weights ** 2 / squares };
}

/** Halvings until a share is known to a billionth of the widest that it could be. */
const HALVINGS = 40;

/** The share at which the frames stand at the ratio wanted: 0 when they stand below it with no share at all. */
function shareAt(frames: readonly Followed[], wanted: (degrees: number) => number): number {
  const above = (share2: number): boolean => {
    const { ratio, degrees } = against(frames, share2);
    return ratio > wanted(degrees) + 1e-9;
  };
  let high = Math.max(...frames.map((f) => f.seen / f.transverse2), 1e-12);
  while (above(high)) high *= 4;
  let low = high * 1e-12;
  if (!above(low)) return 0;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = Math.sqrt(low * high);
    if (above(middle)) low = middle;
    else high = middle;
  }
  return Math.sqrt(high);
}

/**
 * Share of the transverse speed that a following hand leaves. A frame's smear speed, what is not the hand taken out, is
 * taken as normal with variance (share·transverseSpeed)² + bob²; frames weigh by inverse variance, and the interval holds the
 * shares under which such frames are no surprise at 95 %. Absent below five frames of something that crosses.
 */
export function trackingResidualFrom(frames: readonly TrackedFrame[]): Maybe<Estimate, "too-few-frames"> {
  const crossing = frames.filter((f) => f.transverseSpeed > 0 && f.exposure > 0 && f.umPerMetre > 0);
  if (crossing.length < LEAST_FRAMES)
    return absent("too-few-frames", { frames: crossing.length, least: LEAST_FRAMES });
  const followed = crossing.map((f) => ({
    seen: (f.smearUm ** 2 - f.restUm ** 2) / (f.exposure * f.umPerMetre) ** 2,
    transverse2: f.transverseSpeed ** 2,
    bob2: f.bob ** 2,
  }));
  return present({
    value: shareAt(followed, () => 1),
    low: shareAt(followed, (degrees) => chiSquareRatio(degrees, Z_95)),
    high: shareAt(followed, (degrees) => chiSquareRatio(degrees, -Z_95)),
    frames: crossing.length,
  });
}
