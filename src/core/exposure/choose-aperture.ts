import { lightClicks } from "./ledger";
import type { SolveInput } from "./solution";

/** The shutter that an aperture asks for: held, drawn by the lines, or the slowest that holds the picture. */
export const shutterAt = (input: SolveInput, aperture: number): number =>
  input.locked.shutter ??
  Math.min(input.fastestShutter, input.streakShutter ?? input.slowestShutter(aperture));

/** Last aperture before diffraction or the lens ends it; at least the one that the depth asks for. */
export const sharpEnd = (input: SolveInput): number =>
  Math.max(input.depthAperture, Math.min(input.lensNarrowest, input.diffractionAperture));

/** A stop of ISO is what a subject in focus is worth (assumed): for more, focus is left to a spot focused beforehand. */
const FOCUS_WORTH = 3;

/** The apertures from one to another, both in it, either way. */
const between = (from: number, to: number): number[] =>
  Array.from({ length: Math.abs(to - from) + 1 }, (_, i) => (to < from ? from - i : from + i));

/**
 * The aperture of a picture whose ISO follows: the one that holds the depth, or a narrower one where that lets the shutter be so
 * much slower that it takes less ISO. Passes its ISO the preferred one, or does focus or lens blur more there than a shutter
 * can mend: the nearest that mends it within the preferred ISO, narrower first; else the mended one with the lowest ISO,
 * where that costs no more than a stop over what is best without; else as little wider as brings the ISO to the preferred
 * one. The ceiling plays no part in it.
 */
export function apertureFor(input: SolveInput): number {
  const { depthAperture, isoPreferred, depthFirst, lensWidest } = input;
  const light = lightClicks(input);
  const isoAt = (aperture: number): number => shutterAt(input, aperture) + aperture - light;
  const slowest = input.locked.shutter ?? input.streakShutter ?? input.movingShutter;
  const cheapest = (apertures: readonly number[]): number | undefined => {
    let best: { readonly aperture: number; readonly iso: number } | undefined;
    for (const aperture of apertures) {
      // Movement alone bounds what a narrower one can gain.
      if (best && aperture > best.aperture && slowest + aperture - light >= best.iso) continue;
      const iso = isoAt(aperture);
      if (!best || iso < best.iso) best = { aperture, iso };
    }
    return best?.aperture;
  };
  const narrower = between(depthAperture, sharpEnd(input));
  const asked = cheapest(narrower)!;
  if (depthFirst || (isoAt(asked) <= isoPreferred && !input.unmended(asked))) return asked;
  const wider = depthAperture > lensWidest ? between(depthAperture - 1, lensWidest) : [];
  const mended = [...narrower, ...wider].filter((a) => !input.unmended(a));
  const within = mended.find((a) => isoAt(a) <= isoPreferred);
  if (within !== undefined) return within;
  const opened = [asked, ...wider].find((a) => isoAt(a) <= isoPreferred) ?? cheapest([asked, ...wider])!;
  const best = cheapest(mended);
  return best !== undefined && isoAt(best) <= isoAt(opened) + FOCUS_WORTH ? best : opened;
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
