import { jumpHeight, keptAlone, keptByBurst, MOMENTS, momentWaits, type MomentKind } from "@/core/practice";
import type { OutingView } from "@/outing/outing-view";

/** What the body in hand does with a press. */
export interface MomentHeld {
  /** Shares 0 … 1. */
  readonly alone: number;
  /** By a burst of a second from the press on. */
  readonly burst?: number;
  /** The same with what the body keeps from before the press. */
  readonly preBurst?: number;
  readonly framesPerSecond?: number;
  /** Seconds that it keeps from before the press. */
  readonly before?: number;
}

export const momentKinds = (): readonly MomentKind[] => MOMENTS;
export const waitsOf = (seed: number, count: number): number[] => momentWaits(seed, count);

/** How high what is waited for stands, 0 … 1, so many seconds from its instant; what is no jump comes up evenly and goes on. */
export const riseAt = ({ code, lead }: MomentKind, seconds: number): number =>
  code === "top-of-jump" ? jumpHeight(seconds) : Math.max(0, Math.min(1, 1 + seconds / lead));

/** What presses, in ms, would have held of an instant: one frame, a burst, a burst with what is kept from before. */
export function heldBy(
  rig: OutingView["rig"],
  errorsMs: readonly number[],
  { halfWidth }: Pick<MomentKind, "halfWidth">,
): MomentHeld {
  const { framesPerSecond, preBurstFrames = 0 } = rig?.body ?? {};
  if (framesPerSecond === undefined) return { alone: keptAlone(errorsMs, halfWidth) };
  const before = preBurstFrames / framesPerSecond;
  const burst = { framesPerSecond, seconds: 1, before: 0 };
  return {
    alone: keptAlone(errorsMs, halfWidth),
    burst: keptByBurst(errorsMs, burst, halfWidth),
    framesPerSecond,
    ...(before > 0 && { preBurst: keptByBurst(errorsMs, { ...burst, before }, halfWidth), before }),
  };
}
