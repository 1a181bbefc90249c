import { type Figure } from "../figure";
import { type Bird, type BirdPose } from "../rigs/bird";

import {
  SONGBIRD,
  KINGFISHER,
  WOODPECKER,
  RAPTOR,
  OWL,
  GULL,
  PUFFIN,
  DUCK,
  COOT,
  GREBE,
  GOOSE,
  SWAN,
  HERON,
  WADER,
} from "./bird-kinds";
import { UP, LEVEL, RAISED, of, type Measure, type Poses } from "./bird-figure";

// Poses from memory of pictures in sequence.

const perched = (built: Bird, pitch: number, poses: Poses, peak = 1, measure: Measure = "height"): Figure =>
  of(
    built,
    measure,
    {
      ...poses,
      "taking off": {
        pitch: pitch * 0.7,
        neck: [30, 20],
        bill: 4,
        wings: UP,
        fan: 0.8,
        legs: "standing",
        off: 0.06,
      },
    },
    peak,
  );

export const SONGBIRD_SINGING = perched(SONGBIRD, 58, {
  perched: { pitch: 52, neck: [60, 50], bill: 2, tail: -4, legs: "standing" },
  singing: { pitch: 62, neck: [80, 70], bill: 42, tail: -20, legs: "standing" },
  "looking round": { pitch: 50, neck: [70, 60], bill: 4, look: 70, legs: "standing" },
});
export const SONGBIRD_FEEDING = perched(SONGBIRD, 30, {
  alert: { pitch: 44, neck: [70, 60], bill: 6, legs: "standing" },
  pecking: { pitch: -8, neck: [-20, -40], bill: -54, tail: 20, legs: "standing" },
  leaving: { pitch: 30, neck: [40, 30], bill: 10, wings: RAISED, legs: "standing" },
});
export const KINGFISHER_PERCHED = perched(KINGFISHER, 60, {
  "looking down": { pitch: 50, neck: [50, 30], bill: -46, legs: "standing" },
  perched: { pitch: 62, neck: [80, 70], bill: -4, legs: "standing" },
  "with a fish": { pitch: 58, neck: [80, 70], bill: 22, legs: "standing" },
});
export const WOODPECKER_CLIMBING = perched(WOODPECKER, 76, {
  drumming: { pitch: 78, neck: [76, 40], bill: -6, tail: -24, legs: "reaching" },
  clinging: { pitch: 76, neck: [96, 96], bill: 16, tail: -24, legs: "reaching" },
  "leaning back": { pitch: 72, neck: [110, 120], bill: 50, tail: -24, legs: "reaching" },
});
export const RAPTOR_PERCHED = perched(RAPTOR, 62, {
  "looking down": { pitch: 58, neck: [60, 20], bill: -44, legs: "standing" },
  perched: { pitch: 66, neck: [84, 76], bill: -10, legs: "standing" },
  "looking behind": { pitch: 64, neck: [84, 80], bill: -6, look: 80, legs: "standing" },
});
export const RAPTOR_FEEDING = perched(
  RAPTOR,
  40,
  {
    tearing: { pitch: 16, neck: [0, -40], bill: -62, legs: "standing" },
    "looking up": { pitch: 40, neck: [70, 60], bill: -4, legs: "standing" },
    mantling: {
      pitch: 20,
      neck: [20, -10],
      bill: -30,
      wings: { arm: 8, hand: -50, sweep: 20, open: 0.7 },
      fan: 1,
      legs: "standing",
    },
  },
  0,
);
export const OWL_PERCHED = perched(OWL, 70, {
  dozing: { pitch: 76, neck: [84, 80], bill: -14, legs: "standing" },
  perched: { pitch: 74, neck: [84, 84], bill: -2, legs: "standing" },
  "head turned": { pitch: 74, neck: [84, 84], bill: 0, look: 80, legs: "standing" },
});
export const PUFFIN_STANDING = perched(PUFFIN, 60, {
  alert: { pitch: 60, neck: [84, 84], bill: 4, legs: "standing" },
  standing: { pitch: 56, neck: [76, 70], bill: -6, legs: "standing" },
  flapping: { pitch: 64, neck: [84, 80], bill: 4, wings: RAISED, legs: "standing" },
});
export const GULL_STANDING = perched(GULL, 14, {
  resting: { pitch: 6, neck: [80, 60], bill: -10, legs: "standing" },
  standing: { pitch: 10, neck: [70, 70], bill: -4, legs: "standing" },
  calling: { pitch: 26, neck: [60, 40], bill: 34, legs: "standing" },
});
export const DUCK_STANDING = perched(DUCK, 10, {
  resting: { pitch: 4, neck: [96, 110], bill: -14, legs: "standing" },
  standing: { pitch: 8, neck: [84, 76], bill: -4, legs: "standing" },
  flapping: { pitch: 50, neck: [80, 70], bill: 4, wings: UP, legs: "standing" },
});
export const HERON_STANDING = perched(HERON, 30, {
  waiting: { pitch: 34, neck: [110, 40], bill: -4, legs: "standing" },
  tall: { pitch: 44, neck: [86, 80], bill: -2, legs: "standing" },
  stabbing: { pitch: -6, neck: [-6, -40], bill: -56, legs: "standing" },
});
export const WADER_FEEDING = perched(WADER, 10, {
  probing: { pitch: -20, neck: [-10, -50], bill: -66, legs: "standing" },
  walking: { pitch: 10, neck: [50, 40], bill: -18, legs: "standing" },
  alert: { pitch: 18, neck: [80, 80], bill: -4, legs: "standing" },
});
export const GOOSE_GRAZING = perched(GOOSE, 10, {
  grazing: { pitch: -10, neck: [-20, -60], bill: -70, legs: "standing" },
  alert: { pitch: 14, neck: [86, 82], bill: -4, legs: "standing" },
  calling: { pitch: 10, neck: [34, 24], bill: 6, legs: "standing" },
});
export const GULL_FEEDING = of(
  GULL,
  "span",
  {
    hovering: { pitch: 36, neck: [0, -30], bill: -46, wings: UP, fan: 1, legs: "reaching", off: 0.4 },
    picking: { pitch: 10, neck: [-20, -40], bill: -56, wings: RAISED, fan: 1, legs: "reaching", off: 0.2 },
    turning: {
      pitch: 6,
      roll: 50,
      neck: [6, 0],
      bill: -10,
      wings: LEVEL,
      fan: 1,
      legs: "drawn up",
      off: 0.5,
    },
  },
  1,
);

/** Afloat: head up, alert, and what it does in the water. */
const afloat = (built: Bird, poses: Poses, peak = 1): Figure => of(built, "length", poses, peak);
const onWater = (pose: Omit<BirdPose, "legs" | "pitch"> & { readonly pitch?: number }): BirdPose => ({
  pitch: 3,
  legs: "drawn up",
  afloat: 0.14,
  ...pose,
});

export const DUCK_SWIMMING = afloat(DUCK, {
  resting: onWater({ neck: [100, 120], bill: -16 }),
  swimming: onWater({ neck: [70, 70], bill: -4 }),
  "wing stretch": onWater({ pitch: 50, neck: [80, 70], bill: 6, wings: UP, afloat: 0.3 }),
});
export const DUCK_DABBLING = afloat(
  DUCK,
  {
    dabbling: onWater({ neck: [10, -50], bill: -50 }),
    "tail up": onWater({ pitch: -64, neck: [-80, -80], bill: -80, tail: 20 }),
    alert: onWater({ neck: [84, 80], bill: 0 }),
  },
  0,
);
export const SWAN_SWIMMING = afloat(SWAN, {
  "neck bent": onWater({ neck: [130, 40], bill: -20 }),
  swimming: onWater({ neck: [104, 70], bill: -12 }),
  busking: onWater({ neck: [150, 30], bill: -24, wings: { arm: 70, hand: 86, sweep: 60, open: 0.5 } }),
});
export const SWAN_DABBLING = afloat(
  SWAN,
  {
    "neck under": onWater({ neck: [20, -64], bill: -70 }),
    swimming: onWater({ neck: [104, 70], bill: -12 }),
    "tail up": onWater({ pitch: -66, neck: [-80, -80], bill: -80, tail: 16 }),
  },
  0,
);
export const COOT_SWIMMING = afloat(
  COOT,
  {
    swimming: onWater({ neck: [64, 60], bill: -8 }),
    charging: onWater({ neck: [14, 0], bill: -6, wings: { arm: 50, hand: 60, sweep: 40, open: 0.6 } }),
    alert: onWater({ neck: [84, 84], bill: 0 }),
  },
  0,
);
export const GREBE_SWIMMING = afloat(GREBE, {
  low: onWater({ neck: [60, 50], bill: -4, afloat: 0.06 }),
  swimming: onWater({ neck: [92, 84], bill: -4, afloat: 0.1 }),
  diving: onWater({ pitch: -30, neck: [0, -50], bill: -60, afloat: 0.16 }),
});
