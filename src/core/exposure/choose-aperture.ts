import type { SolveInput } from "./solution";

/** The shutter that an aperture asks for: held, drawn by the lines, or the slowest that holds the picture. */
export const shutterAt = (input: SolveInput, aperture: number): number =>
  input.locked.shutter ??
  Math.min(input.fastestShutter, input.streakShutter ?? input.slowestShutter(aperture));

/** Last aperture before diffraction or the lens ends it; at least the one that the depth asks for. */
export const sharpEnd = (input: SolveInput): number =>
  Math.max(input.depthAperture, Math.min(input.lensNarrowest, input.diffractionAperture));

/**
 * The aperture of a picture whose ISO follows: the one that holds the depth, while the ISO stays at or under the
 * preferred one; else the nearest that brings it there and keeps the picture sharp at rest (a narrower one holds more, and may allow a
 * slower shutter); else the one with the lowest ISO, of those that do so while the ceiling is not passed.
 */
export function apertureFor(input: SolveInput, isoAt: (aperture: number) => number): number {
  const { depthAperture, isoPreferred, isoCeiling, depthFirst, lensWidest } = input;
  if (depthFirst || isoAt(depthAperture) <= isoPreferred) return depthAperture;
  const any = { aperture: depthAperture, iso: Infinity };
  const kept = { aperture: depthAperture, iso: Infinity };
  /** Whether an aperture keeps the ISO at or under the preferred one, and the picture sharp at rest. */
  const fits = (aperture: number): boolean => {
    const iso = isoAt(aperture);
    if (iso < any.iso) [any.aperture, any.iso] = [aperture, iso];
    if (iso >= kept.iso || input.unmended(aperture)) return false;
    [kept.aperture, kept.iso] = [aperture, iso];
    return iso <= isoPreferred;
  };
  const end = sharpEnd(input);
  for (let a = depthAperture; a <= end; a++) if (fits(a)) return a;
  for (let a = depthAperture - 1; a >= lensWidest; a--) if (fits(a)) return a;
  return kept.iso <= isoCeiling ? kept.aperture : any.aperture;
}

/** With the ISO held and the shutter following: as little wider than the depth asks as makes the shutter hold. */
export function widerUntilHeld(input: SolveInput, follow: (aperture: number) => number): number {
  const short = (a: number): number => (input.streakShutter ?? input.slowestShutter(a)) - follow(a);
  let best = input.depthAperture;
  if (input.streakShutter !== undefined) return best;
  for (let a = input.depthAperture; a >= input.lensWidest; a--) {
    if (short(a) < short(best)) best = a;
    if (short(best) <= 0) break;
  }
  return best;
}

/** Clicks of light that opening from one aperture to another gives, the shutter solved again. */
const gainOf = (input: SolveInput, from: number, to: number): number =>
  shutterAt(input, from) + from - shutterAt(input, to) - to;

/** The least opening that gives so many clicks of light; the one that gives most where none gives all. */
export function opening(
  input: SolveInput,
  from: number,
  wanted: number,
): { readonly to: number; readonly clicks: number } {
  let [to, clicks] = [from, 0];
  if (input.locked.aperture !== undefined) return { to, clicks };
  for (let a = from - 1; a >= input.lensWidest && clicks < wanted; a--) {
    const gain = gainOf(input, from, a);
    if (gain > clicks) [to, clicks] = [a, gain];
  }
  return { to, clicks };
}
