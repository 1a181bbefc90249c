import { sharpEnd, shutterAt } from "./choose-aperture";
import type { SolveInput } from "./solution";

/** What became of light to spare. */
export interface Spent {
  /** Clicks. */
  readonly shutter: number;
  /** Clicks. */
  readonly aperture: number;
  /** Clicks of light that neither could take, 0 or more. */
  readonly left: number;
}

/** Clicks of one rail before the other has its turn: a stop. */
const TURN = 3;

/**
 * Light to spare, in clicks, spent by purpose (common practice): depth first for what is flat and near, a group, two things;
 * the shutter first for wings and tools; else a stop of shutter, a stop of aperture, and so on. The aperture goes to where
 * diffraction ends it; only what is then still too bright takes it to the lens's own end. After every move of the aperture
 * the shutter is solved again, so a move may cost more than its click. Rails that are held stay.
 */
export function spendSurplus(
  input: SolveInput,
  from: { readonly shutter: number; readonly aperture: number },
  surplus: number,
): Spent {
  let { shutter, aperture } = from;
  let left = surplus;
  const fast = input.locked.shutter !== undefined || input.streakShutter !== undefined;
  const wide = input.locked.aperture !== undefined;
  const faster = (most: number): void => {
    const clicks = fast ? 0 : Math.max(0, Math.min(most, left, input.fastestShutter - shutter));
    shutter += clicks;
    left -= clicks;
  };
  const narrower = (most: number, end: number): void => {
    for (let i = 0; i < most && !wide && left > 0 && aperture < end; i++) {
      const slower = Math.max(0, shutterAt(input, aperture + 1) - shutter);
      if (1 + slower > left) return;
      aperture += 1;
      shutter += slower;
      left -= 1 + slower;
    }
  };
  const end = sharpEnd(input);
  if (input.surplus === "depth") narrower(left, end);
  if (input.surplus !== "even") faster(left);
  for (let before = Infinity; left > 0 && left < before;) {
    before = left;
    faster(TURN);
    narrower(TURN, end);
  }
  narrower(left, input.lensNarrowest);
  return { shutter, aperture, left };
}
