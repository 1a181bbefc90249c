import type { Point } from "../vector";

/** Gates of a course, by its venue: how many, metres from one to the next, to either side of the middle, and half of one's width. */
const GATES = {
  "slalom-hill": { count: 15, apart: 10, aside: 4, half: 2.5 },
  "ski-piste": { count: 6, apart: 28, aside: 9, half: 4 },
  "canoe-slalom": { count: 12, apart: 20, aside: 2.5, half: 0.8 },
} as const;

/** The middle of a gate in its venue's own axes. */
export interface Gate extends Point {
  /** Metres from there to either post, above 0. */
  readonly half: number;
}

/** The gates of a course from one end to the other, right and left of its middle in turn. */
export function gatesOf(venue: keyof typeof GATES): Gate[] {
  const { count, apart, aside, half } = GATES[venue];
  return Array.from({ length: count }, (_, i) => ({
    x: i % 2 === 0 ? aside : -aside,
    y: (i - (count - 1) / 2) * apart,
    half,
  }));
}

/** Metres of the circuit's bend: the radius of its middle line, and where the middle of the bend lies in the venue's own axes. */
export const BEND = { radius: 60, x: -7, y: 7 } as const;
