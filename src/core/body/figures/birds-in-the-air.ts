import { builtFigure, type Figure } from "../figure";
import { bird, flockOf, type Bird, type BirdPose } from "../rigs/bird";

import {
  SONGBIRD,
  SWALLOW,
  HUMMER,
  KINGFISHER,
  RAPTOR,
  EAGLE,
  HARRIER,
  FALCON,
  OSPREY,
  OWL,
  GULL,
  TERN,
  GANNET,
  PUFFIN,
  DUCK,
  GOOSE,
  SWAN,
  HERON,
  WADER,
  BAT,
} from "./bird-kinds";
import { UP, DOWN, LEVEL, RAISED, BRAKING, SWEPT, HALF, of, type Measure, type Poses } from "./bird-figure";

// Poses from memory of pictures in sequence.

/** Up-stroke, wings level, down-stroke and a glide of a bird that flies, and its landing. */
function flight(neck: BirdPose["neck"], more: Partial<BirdPose> = {}): Poses {
  const base = { neck, bill: -4, legs: "drawn up" as const, ...more };
  return {
    "take-off": { ...base, pitch: 42, wings: UP, legs: "reaching" },
    "up-stroke": { ...base, pitch: 8, wings: UP },
    "down-stroke": { ...base, pitch: 4, wings: DOWN },
    gliding: { ...base, pitch: 2, wings: LEVEL },
    landing: { ...base, pitch: 50, wings: BRAKING, legs: "reaching", fan: 1, tail: -30 },
  };
}
// A flying bird's span is told for its wings spread: the glide.
const flying = (built: Bird, neck: BirdPose["neck"], more: Partial<BirdPose> = {}): Figure =>
  of(built, "span", flight(neck, more), 1, "gliding");

const soaring = (built: Bird): Figure =>
  of(
    built,
    "span",
    {
      circling: { pitch: 2, roll: 34, neck: [0, 0], bill: -10, wings: RAISED, fan: 1, legs: "drawn up" },
      gliding: { pitch: 2, neck: [0, 0], bill: -6, wings: RAISED, fan: 0.6, legs: "drawn up" },
      "looking down": { pitch: 0, neck: [-10, -20], bill: -44, wings: LEVEL, fan: 1, legs: "drawn up" },
    },
    1,
  );

export const SWAN_FLYING = flying(SWAN, [4, 6], { legs: "drawn up" });
export const DUCK_FLYING = flying(DUCK, [14, 10]);
export const GULL_FLYING = flying(GULL, [4, 0]);
export const HARRIER_FLYING = flying(HARRIER, [-6, -16], { bill: -36 });
export const TERN_FLYING = flying(TERN, [2, 0]);
export const OWL_FLYING = flying(OWL, [0, -4], { bill: -20 });
export const HERON_FLYING = flying(HERON, [128, -36], { legs: "trailing" });
export const SWALLOW_FLYING = flying(SWALLOW, [10, 4]);
export const SONGBIRD_FLYING = flying(SONGBIRD, [20, 20]);
export const GANNET_FLYING = flying(GANNET, [4, 2]);
export const PUFFIN_FLYING = flying(PUFFIN, [14, 10], { legs: "trailing" });
export const OSPREY_FLYING = flying(OSPREY, [0, -10], { bill: -24 });
export const GOOSE_LANDING = of(
  GOOSE,
  "span",
  {
    approach: { pitch: 14, neck: [20, 10], bill: -6, wings: LEVEL, legs: "trailing", off: 0.5 },
    braking: {
      pitch: 46,
      neck: [40, 14],
      bill: -6,
      wings: BRAKING,
      fan: 1,
      tail: -20,
      legs: "reaching",
      off: 0.3,
    },
    touching: { pitch: 30, neck: [60, 40], bill: -6, wings: UP, fan: 1, legs: "reaching" },
  },
  1,
  "approach",
);
export const EAGLE_GLIDING = soaring(EAGLE);
export const BUZZARD_SOARING = soaring(RAPTOR);
export const KESTREL_HOVERING = of(
  { ...FALCON, coat: "orange" },
  "span",
  {
    up: { pitch: 46, neck: [10, -20], bill: -50, wings: UP, fan: 1, tail: -30, legs: "drawn up" },
    hanging: { pitch: 40, neck: [10, -20], bill: -50, wings: LEVEL, fan: 1, tail: -20, legs: "drawn up" },
    down: { pitch: 44, neck: [10, -20], bill: -50, wings: DOWN, fan: 1, tail: -20, legs: "drawn up" },
  },
  1,
);
export const HUMMER_HOVERING = of(
  HUMMER,
  "span",
  {
    ahead: {
      pitch: 52,
      neck: [60, 30],
      bill: 4,
      wings: { arm: 20, hand: 26, sweep: -20 },
      fan: 0.6,
      tail: -30,
      legs: "drawn up",
    },
    level: {
      pitch: 50,
      neck: [60, 30],
      bill: 4,
      wings: { arm: 2, hand: 0 },
      fan: 0.6,
      tail: -24,
      legs: "drawn up",
    },
    behind: {
      pitch: 48,
      neck: [60, 30],
      bill: 4,
      wings: { arm: 60, hand: 72, sweep: 30 },
      fan: 0.8,
      tail: -30,
      legs: "drawn up",
    },
  },
  1,
);
const ROW = [
  [0, 0, 0.4, 1],
  [-2.2, 2.2, 0, 1],
  [-1.8, -2.4, 0.9, 1],
  [-4.4, 4.1, 0.5, 1],
  [-4.0, -4.4, 1.6, 1],
  [-6.2, 0.4, -0.3, 1],
] as const;
const FLOCKING: Bird = { ...WADER, bill: [0.3, 0.03, 0.01] };
const FLOCK = flight([10, 6]);
// The span that is told is that of one bird of the flock.
export const FLOCK_FLYING: Figure = builtFigure(
  "span",
  Object.fromEntries(
    Object.entries(FLOCK).map(([name, pose]) => [name, () => flockOf(bird(FLOCKING, pose), ROW)]),
  ),
  { peak: 1, measured: () => bird(FLOCKING, FLOCK["gliding"]!) },
);

const headFirst = (built: Bird, measure: Measure): Figure =>
  of(
    built,
    measure,
    {
      tipping: { pitch: -40, neck: [-40, -50], bill: -64, wings: HALF, legs: "drawn up" },
      stoop: { pitch: -72, neck: [-72, -74], bill: -78, wings: SWEPT, fan: 0.1, legs: "drawn up" },
      "last metre": {
        pitch: -80,
        neck: [-82, -82],
        bill: -84,
        wings: { ...SWEPT, sweep: 80, open: 0.5 },
        fan: 0.1,
        legs: "drawn up",
      },
    },
    1,
  );
export const TERN_DIVING = headFirst(TERN, "length");
export const FALCON_STOOPING = headFirst(FALCON, "height");
export const KINGFISHER_DIVING = headFirst(KINGFISHER, "height");
export const GANNET_DIVING = headFirst(GANNET, "height");
export const OSPREY_DIVING = of(
  OSPREY,
  "span",
  {
    folding: { pitch: -46, neck: [-46, -50], bill: -60, wings: HALF, legs: "drawn up" },
    "feet first": {
      pitch: 24,
      neck: [0, -30],
      bill: -54,
      wings: { arm: 52, hand: 60, sweep: 30, open: 0.74 },
      fan: 1,
      legs: "reaching",
    },
    "with a fish": { pitch: 30, neck: [20, 0], bill: -10, wings: UP, fan: 1, legs: "trailing" },
  },
  1,
);

export const BAT_FLYING = flying(BAT, [10, 0]);
