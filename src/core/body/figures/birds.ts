import { builtFigure, type Figure } from "../figure";
import { bird, flockOf, type Bird, type BirdPose, type WingPose } from "../rigs/bird";
import { aboveWater } from "../water";

// Proportions from memory of field guides, the body from breast to rump as 1; poses from memory of pictures in sequence.

const SONGBIRD: Bird = {
  trunk: [0.36, 0.37, 0.2],
  neck: { long: 0.1, radii: [0.3, 0.26] },
  head: 0.27,
  bill: [0.18, 0.05, 0.01],
  legs: [0.16, 0.3, 0.022],
  tail: [0.72, 0.16],
  wing: { long: 1.2, broad: 0.62 },
  coat: "earth",
  under: "straw",
  bare: "black",
};
const SWALLOW: Bird = {
  ...SONGBIRD,
  trunk: [0.24, 0.22, 0.12],
  head: 0.2,
  bill: [0.09, 0.05, 0.01],
  tail: [0.9, 0.34],
  wing: { long: 1.7, broad: 0.46 },
  coat: "deep-water",
  under: "white",
};
const HUMMER: Bird = {
  ...SONGBIRD,
  bill: [0.75, 0.024, 0],
  tail: [0.5, 0.2],
  wing: { long: 0.95, broad: 0.36 },
  coat: "leaf",
  under: "white",
};
const KINGFISHER: Bird = {
  ...SONGBIRD,
  head: 0.33,
  bill: [0.72, 0.075, 0],
  tail: [0.34, 0.12],
  legs: [0.1, 0.12, 0.03],
  coat: "blue",
  under: "orange",
  neck: { long: 0.08, radii: [0.34, 0.31] },
};
const WOODPECKER: Bird = {
  ...SONGBIRD,
  trunk: [0.27, 0.27, 0.17],
  bill: [0.36, 0.05, 0],
  tail: [0.58, 0.13],
  coat: "black",
  under: "white",
  wings: "black",
  bare: "black",
};
const RAPTOR: Bird = {
  trunk: [0.3, 0.29, 0.17],
  neck: { long: 0.16, radii: [0.24, 0.18] },
  head: 0.18,
  bill: [0.13, 0.06, 0.08],
  legs: [0.2, 0.26, 0.04],
  tail: [0.66, 0.26],
  wing: { long: 1.72, broad: 0.66, fingers: 5 },
  coat: "earth",
  under: "straw",
  bare: "yellow",
};
const EAGLE: Bird = {
  ...RAPTOR,
  wing: { long: 1.9, broad: 0.76, fingers: 6 },
  bill: [0.17, 0.075, 0.1],
  tail: [0.52, 0.3],
};
const HARRIER: Bird = {
  ...RAPTOR,
  trunk: [0.24, 0.22, 0.13],
  wing: { long: 1.9, broad: 0.56, fingers: 4 },
  tail: [0.92, 0.22],
  coat: "stone",
  under: "white",
};
const FALCON: Bird = {
  ...RAPTOR,
  trunk: [0.29, 0.26, 0.16],
  wing: { long: 1.62, broad: 0.5 },
  tail: [0.66, 0.18],
  coat: "deep-water",
  under: "straw",
};
const OSPREY: Bird = {
  ...RAPTOR,
  wing: { long: 2.1, broad: 0.56, fingers: 4 },
  coat: "earth",
  under: "white",
};
const OWL: Bird = {
  trunk: [0.36, 0.34, 0.2],
  neck: { long: 0.1, radii: [0.36, 0.34] },
  head: 0.37,
  bill: [0.05, 0.04, 0.08],
  legs: [0.16, 0.24, 0.05],
  tail: [0.4, 0.2],
  wing: { long: 1.55, broad: 0.7 },
  coat: "straw",
  under: "white",
  bare: "stone",
  disc: true,
};
const GULL: Bird = {
  trunk: [0.26, 0.25, 0.14],
  neck: { long: 0.22, radii: [0.2, 0.15] },
  head: 0.16,
  bill: [0.2, 0.04, 0.03],
  legs: [0.14, 0.24, 0.024],
  tail: [0.44, 0.18],
  wing: { long: 1.75, broad: 0.42 },
  coat: "white",
  wings: "stone",
  bare: "yellow",
};
const TERN: Bird = {
  ...GULL,
  trunk: [0.2, 0.18, 0.1],
  bill: [0.28, 0.03, 0],
  legs: [0.06, 0.08, 0.02],
  tail: [0.72, 0.28],
  wing: { long: 1.8, broad: 0.36 },
  bare: "red",
};
const GANNET: Bird = {
  ...GULL,
  neck: { long: 0.34, radii: [0.19, 0.14] },
  bill: [0.34, 0.06, 0],
  tail: [0.46, 0.12],
  wing: { long: 1.7, broad: 0.36 },
  wings: "white",
  bare: "stone",
};
const PUFFIN: Bird = {
  trunk: [0.36, 0.36, 0.24],
  neck: { long: 0.12, radii: [0.3, 0.27] },
  head: 0.27,
  bill: [0.28, 0.16, 0.03],
  legs: [0.1, 0.16, 0.04],
  tail: [0.2, 0.1],
  wing: { long: 0.95, broad: 0.34 },
  coat: "black",
  under: "white",
  bare: "orange",
};
const DUCK: Bird = {
  trunk: [0.29, 0.3, 0.18],
  neck: { long: 0.34, radii: [0.16, 0.11] },
  head: 0.15,
  bill: [0.22, 0.06, 0.01],
  legs: [0.1, 0.18, 0.03],
  tail: [0.28, 0.14],
  wing: { long: 1.15, broad: 0.4 },
  coat: "earth",
  under: "stone",
  bare: "orange",
};
const COOT: Bird = {
  ...DUCK,
  neck: { long: 0.26, radii: [0.16, 0.13] },
  bill: [0.16, 0.05, 0.01],
  coat: "black",
  under: "black",
  bare: "white",
};
const GREBE: Bird = {
  ...DUCK,
  neck: { long: 0.56, radii: [0.13, 0.09] },
  bill: [0.28, 0.035, 0],
  tail: [0.08, 0.08],
  coat: "earth",
  under: "white",
  bare: "stone",
  crest: 0.12,
};
const GOOSE: Bird = {
  ...DUCK,
  neck: { long: 0.56, radii: [0.17, 0.1] },
  bill: [0.17, 0.06, 0.01],
  legs: [0.14, 0.24, 0.036],
  coat: "stone",
  under: "stone",
  wing: { long: 1.35, broad: 0.44, fingers: 3 },
};
const SWAN: Bird = {
  ...GOOSE,
  neck: { long: 0.98, radii: [0.17, 0.09] },
  head: 0.13,
  bill: [0.22, 0.06, 0.01],
  coat: "white",
  under: "white",
  bare: "orange",
  wing: { long: 1.5, broad: 0.46, fingers: 3 },
};
const HERON: Bird = {
  trunk: [0.2, 0.2, 0.12],
  neck: { long: 0.98, radii: [0.12, 0.06] },
  head: 0.085,
  bill: [0.36, 0.045, 0],
  legs: [0.5, 0.62, 0.026],
  tail: [0.3, 0.12],
  wing: { long: 1.75, broad: 0.62, fingers: 4 },
  coat: "stone",
  under: "white",
  wings: "stone",
  bare: "yellow",
  crest: 0.22,
};
const WADER: Bird = {
  trunk: [0.27, 0.26, 0.15],
  neck: { long: 0.28, radii: [0.15, 0.11] },
  head: 0.15,
  bill: [0.66, 0.03, 0.04],
  legs: [0.28, 0.42, 0.022],
  tail: [0.24, 0.1],
  wing: { long: 1.4, broad: 0.36 },
  coat: "earth",
  under: "white",
  bare: "orange",
};

const UP: WingPose = { arm: 48, hand: 68, sweep: 18 };
const DOWN: WingPose = { arm: -34, hand: -46, sweep: 6 };
const LEVEL: WingPose = { arm: 6, hand: 2, sweep: 14 };
const RAISED: WingPose = { arm: 16, hand: 18, sweep: 12 };
const BRAKING: WingPose = { arm: 40, hand: 30, sweep: -6 };
const SWEPT: WingPose = { arm: 2, hand: -4, sweep: 66, open: 0.66 };
const HALF: WingPose = { arm: 10, hand: -6, sweep: 46, open: 0.8 };

type Poses = Readonly<Record<string, BirdPose>>;
type Measure = "height" | "length" | "span";

const of = (
  built: Bird,
  measure: Measure,
  poses: Poses,
  peak = 1,
  measured = Object.keys(poses)[peak]!,
): Figure =>
  builtFigure(
    measure,
    Object.fromEntries(Object.entries(poses).map(([name, pose]) => [name, () => swimming(built, pose)])),
    { peak, measured: () => swimming(built, poses[measured]!) },
  );

function swimming(built: Bird, pose: BirdPose) {
  const posed = bird(built, pose);
  return pose.afloat === undefined ? posed : { ...posed, solids: aboveWater(posed.solids) };
}

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

const BAT: Bird = {
  ...SONGBIRD,
  trunk: [0.3, 0.3, 0.16],
  bill: [0.08, 0.08, 0],
  crest: 0.3,
  tail: [0.3, 0.24],
  wing: { long: 1.5, broad: 0.7 },
  coat: "earth",
  under: "earth",
  wings: "black",
};
export const BAT_FLYING = flying(BAT, [10, 0]);
