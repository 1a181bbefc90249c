import { GRAVITY, takeOffSpeed, topOfJump } from "../../motion";
import { evenFrom } from "../../units";

/** What is waited for, and how long one sees it coming. */
export interface MomentKind {
  readonly code: "top-of-jump" | "contact" | "stride" | "leaving";
  /** Seconds from what is first seen of it to the instant, above 0. */
  readonly lead: number;
  /** Half of how long it lasts, seconds, above 0. */
  readonly halfWidth: number;
}

/** Metres of a usual jump, and m/s of rising or falling below which it stands for the eye (common practice). */
const RISE = 0.6;
const STANDS = 0.5;

/**
 * The instants that are practised. A jump by its rise under gravity; a swing of a quarter of a second with the ball on the bat for a
 * thousandth; a stride at 180 steps a minute with a tenth of a second in the air; a bird that crouches for a fifth of a second before it
 * goes and is off the perch for as long as a wing beats (common practice).
 */
export const MOMENTS: readonly MomentKind[] = Object.freeze([
  { code: "top-of-jump", lead: takeOffSpeed(RISE) / GRAVITY, halfWidth: topOfJump(STANDS) / 2 },
  { code: "contact", lead: 0.25, halfWidth: 0.0005 },
  { code: "stride", lead: 1 / 3, halfWidth: 0.05 },
  { code: "leaving", lead: 0.2, halfWidth: 0.04 },
]);

/** Height of a jump as a share of its rise, 0 … 1, so many seconds from its top. */
export const jumpHeight = (seconds: number): number => Math.max(0, 1 - (GRAVITY * seconds ** 2) / (2 * RISE));

/** Seconds to wait before each of so many tries begins: 0.8 to 2.6, so that nobody goes by a beat. */
export function momentWaits(seed: number, count: number): number[] {
  const random = evenFrom(seed);
  return Array.from({ length: count }, () => 0.8 + 1.8 * random());
}

/** A burst that begins with the press. */
export interface MomentBurst {
  /** Above 0. */
  readonly framesPerSecond: number;
  /** Seconds that it lasts, above 0. */
  readonly seconds: number;
  /** Seconds that the body keeps from before the press, 0 or more. */
  readonly before: number;
}

/** Share 0 … 1 of presses, in ms after the instant and before it below 0, that hold what lasts so long by one frame alone. */
export const keptAlone = (errorsMs: readonly number[], halfWidth: number): number =>
  errorsMs.filter((e) => Math.abs(e) <= 1000 * halfWidth).length / Math.max(1, errorsMs.length);

/** The same by a burst: one of its frames has to fall within. */
export function keptByBurst(
  errorsMs: readonly number[],
  { framesPerSecond, seconds, before }: MomentBurst,
  halfWidth: number,
): number {
  const first = -Math.floor(before * framesPerSecond + 1e-9);
  const last = Math.floor(seconds * framesPerSecond + 1e-9);
  const holds = (errorMs: number): boolean => {
    // The instant lies so many frames after the press.
    const instant = (-errorMs / 1000) * framesPerSecond;
    const nearest = Math.min(last, Math.max(first, Math.round(instant)));
    return Math.abs(nearest - instant) <= halfWidth * framesPerSecond + 1e-9;
  };
  return errorsMs.filter(holds).length / Math.max(1, errorsMs.length);
}
