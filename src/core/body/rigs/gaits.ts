import type { BeastPose } from "./four-legged";

// Legs of beasts in their gaits, degrees forward of straight down: from memory of pictures of horses and dogs in sequence (Muybridge 1887),
// nobody measured them here.

type Carried = Pick<BeastPose, "neck" | "face" | "tail"> & Partial<BeastPose>;
const gait =
  (legs: Pick<BeastPose, "fore" | "hind"> & Partial<BeastPose>) =>
  (carried: Carried): BeastPose => ({ ...legs, ...carried });

export const standing = gait({
  fore: [
    [4, 0, 14],
    [-4, -2, 12],
  ],
  hind: [
    [28, -34, 4],
    [18, -44, -4],
  ],
});

/** One fore foot comes forward, the other leaves. */
export const walking = gait({
  fore: [
    [26, 14, 22],
    [-22, -28, -12],
  ],
  hind: [
    [6, -52, -22],
    [44, -22, 14],
  ],
});

export const passing = gait({
  fore: [
    [0, 0, 12],
    [18, -34, -30],
  ],
  hind: [
    [40, -52, -26],
    [20, -36, 2],
  ],
});

export const reaching = gait({
  fore: [
    [-20, -24, -10],
    [30, 12, 24],
  ],
  hind: [
    [46, -20, 16],
    [4, -54, -24],
  ],
});

/** Fore and hind of two corners go together. */
export const trotting = gait({
  fore: [
    [40, 14, 12],
    [-26, -46, -40],
  ],
  hind: [
    [-2, -62, -34],
    [52, -18, 18],
  ],
  off: 0.03,
});

/** All four under the body. */
export const gathered = gait({
  fore: [
    [-12, -64, -84],
    [14, -46, -70],
  ],
  hind: [
    [76, -6, 44],
    [66, -10, 34],
  ],
  arch: 14,
  off: 0.08,
});

/** Fore legs ahead, hind legs pushing off behind. */
export const stretched = gait({
  fore: [
    [72, 60, 52],
    [58, 44, 36],
  ],
  hind: [
    [-22, -76, -54],
    [-12, -68, -46],
  ],
  arch: -6,
  off: 0.04,
});

/** The fore legs take the ground. */
export const landing = gait({
  fore: [
    [18, 12, 18],
    [42, 34, 30],
  ],
  hind: [
    [14, -74, -78],
    [4, -80, -84],
  ],
  pitch: -12,
});

/** Over something: fore legs folded, hind legs behind. */
export const leaping = gait({
  fore: [
    [70, -52, -100],
    [64, -58, -104],
  ],
  hind: [
    [-24, -80, -60],
    [-18, -76, -56],
  ],
  pitch: 10,
  off: 0.5,
});

/** Up in front before a leap. */
export const rising = gait({
  fore: [
    [58, -40, -76],
    [50, -46, -84],
  ],
  hind: [
    [30, -30, 6],
    [22, -38, 0],
  ],
  pitch: 26,
});

/** On its haunches, its fore feet before the breast or on the ground. */
export const sitting = gait({
  fore: [
    [20, 70, 40],
    [16, 66, 36],
  ],
  hind: [
    [84, -62, 70],
    [80, -66, 70],
  ],
  pitch: 48,
});

/** Low on all fours, hind legs folded. */
export const crouching = gait({
  fore: [
    [10, 4, 40],
    [4, 0, 40],
  ],
  hind: [
    [78, -70, 60],
    [74, -74, 60],
  ],
  pitch: -4,
});
