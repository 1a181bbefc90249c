import { angleBetween, cosDeg } from "../units";
import { bearingTo, planDistance, type Mast, type Point } from "../ground";

/** By EN 12193, and above its classes the lamps of a park from which matches are broadcast. */
export type LampClass = "broadcast" | "I" | "II" | "III";

/** What the lamps were built for; the same class is another light in a hall than over a field. */
export type LampKind = "field" | "hall" | "pool";

/**
 * Mean horizontal lux by class (EN 12193; from memory). Broadcast: 1500–2000 lx on an upright subject (from memory), which
 * the half to two thirds below make of 3000.
 */
export const LAMP_LUX: Readonly<Record<LampKind, Readonly<Record<LampClass, number>>>> = Object.freeze({
  field: { broadcast: 3000, I: 500, II: 200, III: 75 },
  hall: { broadcast: 3000, I: 750, II: 500, III: 200 },
  pool: { broadcast: 3000, I: 500, II: 300, III: 200 },
});

/** A stretch in which lamps are alight. */
export interface Alight {
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds, just before which they go out; left out, they are alight as long as anybody stays. */
  readonly until?: number;
}

export interface Lamps {
  readonly class: LampClass;
  /** Outdoor field when left out. */
  readonly kind?: LampKind;
  /** Epoch milliseconds; alight from `from` until just before `until`, or as long as anybody stays when that is left out. */
  readonly from: number;
  /** Epoch milliseconds; left out, they are alight as long as anybody stays. */
  readonly until?: number;
  /** Further stretches in which they are alight, as on the other nights of an outing over days. */
  readonly further?: readonly Alight[];
  /** Mains frequency in Hz and depth of the modulation 0 … 1 of lamps that flicker. */
  readonly flicker?: { readonly mainsHz: number; readonly modulation: number };
}

/** An upright subject gets half to two thirds of the horizontal lux (common practice). */
const UPRIGHT = { least: 1 / 2, most: 2 / 3 };

/**
 * Share of the horizontal lux on the side of an upright subject that the camera sees: two thirds with the masts
 * behind the camera, half with the masts beyond the subject, between by the mean of cos of the turn, each mast
 * weighed by its nearness squared (the spread is common practice, the way between is assumed). Without masts the
 * middle of the stretch.
 */
export function uprightShare(subject: Point, bearingToCamera: number, masts: readonly Mast[]): number {
  if (masts.length === 0) return (UPRIGHT.least + UPRIGHT.most) / 2;
  let sum = 0;
  let weight = 0;
  for (const mast of masts) {
    const w = 1 / (planDistance(subject, mast.at) ** 2 + mast.height ** 2);
    sum += w * cosDeg(angleBetween(bearingTo(subject, mast.at), bearingToCamera));
    weight += w;
  }
  const toward = (1 + sum / weight) / 2;
  return UPRIGHT.least + (UPRIGHT.most - UPRIGHT.least) * toward;
}

/** Mean horizontal lux of lamps by their kind and class. */
export const lampLuxOf = ({ kind = "field", class: grade }: Pick<Lamps, "kind" | "class">): number =>
  LAMP_LUX[kind][grade];

/** Whether lamps are alight at an instant in epoch milliseconds. */
export const lampsAlight = (lamps: Lamps | undefined, at: number): boolean =>
  lamps !== undefined &&
  [lamps, ...(lamps.further ?? [])].some(({ from, until = Infinity }) => at >= from && at < until);
