import { type Beast } from "../rigs/four-legged";
import {
  gathered,
  landing,
  leaping,
  passing,
  rising,
  standing,
  stretched,
  trotting,
  walking,
} from "../rigs/gaits";

import { posed } from "./beast-figure";

// Proportions from memory of handbooks of animal anatomy for artists, the height of the shoulders as 1; poses from memory.

/** A beast on slender legs. */
const HOOFED: Beast = {
  back: 0.86,
  trunk: [0.2, 0.185, 0.19],
  neck: { long: 0.44, radii: [0.12, 0.075] },
  head: [0.36, 0.082, 0.042],
  fore: [0.34, 0.26, 0.12],
  hind: [0.34, 0.36, 0.34],
  leg: 0.075,
  tail: { long: 0.16, radii: [0.04, 0.02] },
  ear: [0.17, 0.035, 55],
  coat: "earth",
};

const ANTLERS = {
  through: [
    [
      [-0.02, 0.04, 0.07],
      [-0.14, 0.18, 0.3],
      [-0.06, 0.3, 0.54],
      [0.06, 0.24, 0.7],
    ],
    [
      [-0.03, 0.06, 0.1],
      [0.16, 0.12, 0.2],
    ],
    [
      [-0.13, 0.2, 0.34],
      [0.06, 0.28, 0.4],
    ],
  ],
  radii: [0.022, 0.018, 0.014, 0.008],
} as const;

const STAG: Beast = { ...HOOFED, horns: ANTLERS };
const HORNS = {
  through: [
    [
      [-0.02, 0.03, 0.06],
      [-0.14, 0.06, 0.2],
      [-0.12, 0.1, 0.34],
    ],
  ],
  radii: [0.024, 0.018, 0.008],
} as const;
const ROE: Beast = {
  ...HOOFED,
  horns: {
    through: [
      [
        [-0.02, 0.03, 0.07],
        [-0.04, 0.06, 0.26],
      ],
    ],
    radii: [0.018, 0.01],
  },
};
const ANTELOPE: Beast = { ...HOOFED, coat: "straw", horns: HORNS, trunk: [0.18, 0.15, 0.17], leg: 0.065 };

export const STAG_STANDING = posed(
  STAG,
  {
    grazing: standing({ neck: -42, face: -80, tail: -70 }),
    alert: standing({ neck: 58, face: -14, tail: -60 }),
    "looking back": standing({ neck: 52, face: -10, look: 74, tail: -60 }),
    roaring: standing({ neck: 24, face: 24, tail: -50 }),
  },
  1,
);
export const DEER_RUNNING = posed(
  STAG,
  {
    gathered: gathered({ neck: 46, face: -10, tail: 20 }),
    leap: leaping({ neck: 52, face: -8, tail: 40 }),
    stretched: stretched({ neck: 38, face: -14, tail: 20 }),
    landing: landing({ neck: 50, face: -20, tail: 30 }),
  },
  2,
);
export const ROE_WALKING = posed(ROE, {
  browsing: walking({ neck: -10, face: -60, tail: -60 }),
  walking: walking({ neck: 50, face: -18, tail: -60 }),
  passing: passing({ neck: 52, face: -12, tail: -60 }),
  alert: standing({ neck: 64, face: -6, look: 40, tail: -60 }),
});
export const ANTELOPE_RUNNING = posed(ANTELOPE, {
  gathered: gathered({ neck: 40, face: -12, tail: 30 }),
  stretched: stretched({ neck: 32, face: -12, tail: 30 }),
  bound: leaping({ neck: 56, face: -6, tail: 60, off: 0.7 }),
});

const BOAR: Beast = {
  back: 0.92,
  trunk: [0.33, 0.3, 0.27],
  neck: { long: 0.16, radii: [0.3, 0.22] },
  head: [0.6, 0.2, 0.075],
  fore: [0.22, 0.2, 0.1],
  hind: [0.24, 0.28, 0.24],
  leg: 0.11,
  tail: { long: 0.26, radii: [0.03, 0.02] },
  ear: [0.16, 0.07, 60],
  coat: "earth",
  mane: "black",
};
export const BOAR_MOVING = posed(BOAR, {
  rooting: walking({ neck: -30, face: -50, tail: -60 }),
  walking: walking({ neck: -4, face: -26, tail: -60 }),
  trotting: trotting({ neck: 0, face: -22, tail: 20 }),
  alert: standing({ neck: 14, face: -8, tail: -60 }),
});

const BEAR: Beast = {
  back: 0.98,
  trunk: [0.32, 0.33, 0.33],
  neck: { long: 0.24, radii: [0.27, 0.2] },
  head: [0.44, 0.19, 0.085],
  fore: [0.32, 0.24, 0.14],
  hind: [0.3, 0.28, 0.24],
  leg: 0.15,
  tail: { long: 0.08, radii: [0.06, 0.04] },
  ear: [0.07, 0.065, 80],
  coat: "earth",
};
export const BEAR_WALKING = posed(BEAR, {
  feeding: standing({ neck: -30, face: -60, tail: -40 }),
  walking: walking({ neck: -6, face: -24, tail: -40 }),
  passing: passing({ neck: 0, face: -20, tail: -40 }),
  upright: rising({ neck: 60, face: -4, tail: -40, pitch: 68 }),
});

/** Wolves, foxes and dogs. */
const HOUND: Beast = {
  back: 0.94,
  trunk: [0.19, 0.155, 0.16],
  neck: { long: 0.28, radii: [0.15, 0.11] },
  head: [0.38, 0.115, 0.045],
  fore: [0.36, 0.3, 0.12],
  hind: [0.32, 0.34, 0.28],
  leg: 0.075,
  tail: { long: 0.5, radii: [0.06, 0.045] },
  ear: [0.13, 0.045, 80],
  coat: "stone",
};
const WOLF: Beast = HOUND;
const FOX: Beast = {
  ...HOUND,
  trunk: [0.2, 0.17, 0.17],
  leg: 0.06,
  head: [0.36, 0.105, 0.032],
  ear: [0.17, 0.06, 84],
  tail: { long: 0.78, radii: [0.11, 0.05] },
  coat: "orange",
  legs: "black",
};
const DOG: Beast = {
  ...HOUND,
  ear: [0.14, 0.05, -30],
  coat: "black",
  tail: { long: 0.5, radii: [0.05, 0.03] },
};

export const WOLF_TROTTING = posed(WOLF, {
  standing: standing({ neck: 34, face: -10, tail: -60 }),
  trotting: trotting({ neck: 18, face: -12, tail: -46 }),
  stalking: walking({ neck: -4, face: -10, tail: -50 }),
  running: stretched({ neck: 20, face: -8, tail: -10 }),
});
export const FOX_TROTTING = posed(FOX, {
  listening: standing({ neck: 44, face: -4, look: 30, tail: -50 }),
  trotting: trotting({ neck: 18, face: -10, tail: -26 }),
  pouncing: leaping({ neck: -10, face: -40, tail: 10, pitch: -6 }),
  sniffing: walking({ neck: -40, face: -50, tail: -30 }),
});
export const DOG_RUNNING = posed(DOG, {
  gathered: gathered({ neck: 16, face: -10, tail: 20 }),
  stretched: stretched({ neck: 14, face: -6, tail: 16 }),
  landing: landing({ neck: 24, face: -10, tail: 30 }),
});
export const DOG_OVER = posed(DOG, {
  "take-off": rising({ neck: 40, face: 4, tail: -10 }),
  over: leaping({ neck: 20, face: -12, tail: 10 }),
  landing: landing({ neck: 24, face: -16, tail: 40, off: 0.06 }),
});
export const DOG_CATCHING = posed(DOG, {
  chasing: stretched({ neck: 40, face: 30, tail: 20 }),
  catch: leaping({ neck: 70, face: 56, tail: -20, pitch: 50, off: 0.7 }),
  landing: landing({ neck: 20, face: 0, tail: 40, pitch: 14 }),
});
export const DOG_STALKING = posed(DOG, {
  lifting: walking({ neck: 6, face: -6, tail: -60 }),
  stalking: passing({ neck: -14, face: -8, tail: -66 }),
  "to one side": gathered({ neck: 10, face: -10, look: 36, tail: -40, off: 0.02 }),
});

/** The horse without its rider; `riders` puts one on it. */
export const HORSE: Beast = {
  back: 0.8,
  trunk: [0.23, 0.225, 0.22],
  neck: { long: 0.42, radii: [0.15, 0.09] },
  head: [0.38, 0.1, 0.06],
  fore: [0.34, 0.27, 0.13],
  hind: [0.34, 0.36, 0.34],
  leg: 0.085,
  tail: { long: 0.46, radii: [0.05, 0.035] },
  ear: [0.11, 0.03, 80],
  coat: "earth",
  mane: "black",
};
