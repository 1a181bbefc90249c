import { type Beast } from "../rigs/four-legged";
import {
  crouching,
  gathered,
  landing,
  passing,
  reaching,
  rising,
  sitting,
  standing,
  stretched,
  walking,
} from "../rigs/gaits";

import { posed } from "./beast-figure";

// Proportions from memory of handbooks of animal anatomy for artists, the height of the shoulders as 1; poses from memory.

const CAT: Beast = {
  back: 1.1,
  trunk: [0.2, 0.18, 0.19],
  neck: { long: 0.24, radii: [0.17, 0.14] },
  head: [0.3, 0.13, 0.075],
  fore: [0.34, 0.26, 0.12],
  hind: [0.34, 0.34, 0.26],
  leg: 0.1,
  tail: { long: 0.86, radii: [0.045, 0.035] },
  ear: [0.07, 0.05, 80],
  coat: "straw",
};
export const CAT_WALKING = posed(CAT, {
  stalking: passing({ neck: -10, face: -8, tail: -30 }),
  walking: walking({ neck: 12, face: -12, tail: -46 }),
  reaching: reaching({ neck: 14, face: -10, tail: -30 }),
  sitting: sitting({ neck: 70, face: -6, tail: -10 }),
});

const ELEPHANT: Beast = {
  back: 0.72,
  trunk: [0.35, 0.36, 0.32],
  neck: { long: 0.14, radii: [0.26, 0.22] },
  head: [0.44, 0.21, 0.12],
  fore: [0.3, 0.28, 0.12],
  hind: [0.28, 0.26, 0.2],
  leg: 0.16,
  tail: { long: 0.44, radii: [0.03, 0.02] },
  ear: [0.3, 0.14, -24],
  coat: "stone",
  horns: {
    through: [
      [
        [0.22, 0, -0.02],
        [0.32, 0, -0.26],
        [0.28, 0, -0.56],
        [0.38, 0, -0.72],
      ],
      [
        [0.2, 0.1, -0.06],
        [0.44, 0.12, -0.14],
      ],
    ],
    radii: [0.1, 0.075, 0.05, 0.035],
    made: "stone",
  },
};
export const ELEPHANT_WALKING = posed(ELEPHANT, {
  drinking: standing({ neck: 0, face: -40, tail: -70 }),
  walking: walking({ neck: 14, face: -30, tail: -70 }),
  passing: passing({ neck: 14, face: -24, tail: -70 }),
  alert: standing({ neck: 36, face: 4, tail: -60 }),
});

const HARE: Beast = {
  back: 0.86,
  trunk: [0.23, 0.26, 0.29],
  neck: { long: 0.16, radii: [0.17, 0.12] },
  head: [0.36, 0.14, 0.07],
  fore: [0.26, 0.22, 0.1],
  hind: [0.4, 0.42, 0.36],
  leg: 0.075,
  tail: { long: 0.14, radii: [0.07, 0.05] },
  ear: [0.46, 0.05, 66],
  coat: "earth",
};
export const HARE_RUNNING = posed(HARE, {
  gathered: gathered({ neck: 20, face: -14, tail: 30 }),
  stretched: stretched({ neck: 14, face: -10, tail: 20 }),
  landing: landing({ neck: 26, face: -14, tail: 40 }),
  sitting: sitting({ neck: 70, face: -6, tail: -10 }),
});
export const RABBIT_FEEDING = posed(HARE, {
  nibbling: crouching({ neck: -16, face: -44, tail: 30 }),
  feeding: crouching({ neck: 14, face: -24, tail: 30 }),
  upright: sitting({ neck: 72, face: -4, tail: -10 }),
});
const KANGAROO: Beast = {
  ...HARE,
  back: 0.78,
  trunk: [0.16, 0.22, 0.27],
  head: [0.3, 0.1, 0.05],
  ear: [0.2, 0.04, 80],
  fore: [0.18, 0.16, 0.06],
  tail: { long: 1.1, radii: [0.1, 0.04] },
  coat: "earth",
};
export const KANGAROO_HOPPING = posed(KANGAROO, {
  landing: crouching({ neck: 40, face: -16, tail: 10, pitch: 26 }),
  bound: stretched({
    neck: 34,
    face: -10,
    tail: -6,
    pitch: 24,
    off: 0.4,
    fore: [
      [40, 90, 60],
      [34, 86, 56],
    ],
  }),
  upright: sitting({ neck: 70, face: -8, tail: -20, pitch: 60 }),
});
const SQUIRREL: Beast = {
  ...HARE,
  head: [0.36, 0.14, 0.08],
  ear: [0.14, 0.04, 80],
  hind: [0.3, 0.3, 0.26],
  tail: { long: 1.3, radii: [0.16, 0.14] },
  coat: "orange",
};
export const SQUIRREL_RUNNING = posed(SQUIRREL, {
  gathered: gathered({ neck: 16, face: -10, tail: 30 }),
  stretched: stretched({ neck: 10, face: -6, tail: 6 }),
  alert: sitting({ neck: 76, face: 0, tail: 60 }),
});
export const SQUIRREL_FEEDING = posed(SQUIRREL, {
  searching: crouching({ neck: -20, face: -50, tail: 40 }),
  feeding: sitting({
    neck: 64,
    face: -24,
    tail: 74,
    fore: [
      [60, 120, 100],
      [56, 116, 96],
    ],
  }),
  "on the watch": sitting({ neck: 80, face: 6, tail: 66 }),
});
const MONKEY: Beast = {
  back: 0.72,
  trunk: [0.17, 0.16, 0.17],
  neck: { long: 0.1, radii: [0.12, 0.1] },
  head: [0.26, 0.13, 0.08],
  fore: [0.38, 0.34, 0.1],
  hind: [0.32, 0.32, 0.22],
  leg: 0.075,
  tail: { long: 1.0, radii: [0.04, 0.03] },
  ear: [0.05, 0.045, 20],
  coat: "earth",
};
export const MONKEY_CLIMBING = posed(MONKEY, {
  sitting: sitting({ neck: 70, face: -6, tail: -80 }),
  walking: walking({ neck: 40, face: -10, tail: -20 }),
  reaching: rising({
    neck: 60,
    face: 10,
    tail: -40,
    fore: [
      [130, 150, 160],
      [40, 60, 60],
    ],
  }),
});
const HEDGEHOG: Beast = {
  back: 0.9,
  trunk: [0.44, 0.54, 0.48],
  neck: { long: 0.06, radii: [0.36, 0.26] },
  head: [0.62, 0.24, 0.06],
  fore: [0.12, 0.1, 0.08],
  hind: [0.12, 0.12, 0.1],
  leg: 0.1,
  tail: { long: 0.05, radii: [0.05, 0.03] },
  ear: [0.1, 0.08, 60],
  coat: "earth",
};
export const HEDGEHOG_WALKING = posed(HEDGEHOG, {
  sniffing: walking({ neck: -10, face: -24, tail: -40 }),
  walking: passing({ neck: 0, face: -14, tail: -40 }),
  listening: standing({ neck: 16, face: 8, tail: -40 }),
});
const BADGER: Beast = {
  ...HEDGEHOG,
  back: 1.2,
  trunk: [0.33, 0.38, 0.36],
  neck: { long: 0.2, radii: [0.28, 0.2] },
  head: [0.52, 0.19, 0.075],
  fore: [0.22, 0.16, 0.12],
  hind: [0.22, 0.2, 0.16],
  leg: 0.13,
  tail: { long: 0.28, radii: [0.08, 0.05] },
  coat: "stone",
  legs: "black",
};
export const BADGER_WALKING = posed(BADGER, {
  sniffing: walking({ neck: -24, face: -40, tail: -40 }),
  walking: walking({ neck: -4, face: -20, tail: -30 }),
  alert: standing({ neck: 24, face: 0, tail: -40 }),
});
const OTTER: Beast = {
  ...BADGER,
  back: 1.7,
  trunk: [0.28, 0.27, 0.27],
  neck: { long: 0.34, radii: [0.24, 0.18] },
  head: [0.4, 0.18, 0.11],
  tail: { long: 1.3, radii: [0.16, 0.05] },
  ear: [0.06, 0.05, 40],
  coat: "earth",
  legs: "earth",
};
export const OTTER_ON_BANK = posed(OTTER, {
  shaking: standing({ neck: 34, face: -10, look: 40, tail: -20 }),
  walking: walking({ neck: 20, face: -16, tail: -14, arch: 10 }),
  bounding: gathered({ neck: 10, face: -14, tail: 10, off: 0.04 }),
  upright: sitting({ neck: 76, face: -6, tail: -20 }),
});
