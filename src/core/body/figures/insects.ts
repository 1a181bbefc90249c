import { builtFigure } from "../figure";
import type { Solid } from "../solid";
import { ball, bothSides, broad, leaned, tipped, vec, type Place } from "../rigs/build";

import { eyes, of, still, through } from "./small-parts";

// By hand against their own length as 1, from memory of field guides.

/** A wing of an insect from its root, its tip so far out and so far forward, raised by so many degrees. */
const insectWing = (
  name: string,
  made: Solid["made"],
  side: 1 | -1,
  raised: number,
  corners: readonly (readonly [out: number, along: number])[],
  root: Place,
  radius: number,
): Solid => {
  const r = (raised * Math.PI) / 180;
  const hub = vec(root);
  return broad(
    { ...of(name, made, "wing"), hub },
    [[0, 0] as const, ...corners].map(([out, along]) =>
      vec([root[0] + along, root[1] + side * out * Math.cos(r), root[2] + out * Math.sin(r)]),
    ),
    radius,
  );
};
const butterfly = (raised: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "body",
        "black",
        [
          [0.22, 0, 0],
          [0.08, 0, 0],
          [-0.3, 0, -0.02],
        ],
        [0.045, 0.055, 0.025],
      ),
      ball(of("head", "black"), vec([0.27, 0, 0]), 0.045),
      ...bothSides((side) => [
        insectWing(
          "fore wing",
          "orange",
          side,
          raised,
          [
            [0.3, 0.36],
            [0.58, 0.42],
            [0.62, 0.3],
            [0.4, -0.02],
          ],
          [0.14, side * 0.03, 0.02],
          0.01,
        ),
        insectWing(
          "hind wing",
          "yellow",
          side,
          raised,
          [
            [0.38, 0.02],
            [0.5, -0.16],
            [0.36, -0.42],
            [0.14, -0.4],
          ],
          [0.06, side * 0.03, 0.02],
          0.01,
        ),
        ...through(
          "antenna",
          "black",
          [
            [0.28, side * 0.02, 0.03],
            [0.5, side * 0.13, 0.14],
          ],
          [0.006, 0.012],
          "limb",
        ),
        ...[0.16, 0.08, 0].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.03, -0.03],
              [x + 0.05, side * 0.1, -0.14],
            ],
            [0.009],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
const BUTTERFLY_POSES = {
  closed: () => still(butterfly(82, 20)),
  "half open": () => still(butterfly(44, 16)),
  open: () => still(butterfly(8, 10)),
};
const asWide = { measured: () => still(butterfly(0)) };
export const BUTTERFLY = builtFigure("span", BUTTERFLY_POSES, { peak: 0, ...asWide });
/** On a stem that sways. */
export const BUTTERFLY_SWAYING = builtFigure(
  "span",
  {
    upright: BUTTERFLY_POSES.closed,
    swayed: () => still(leaned(butterfly(30, 14), 24)),
    "swayed back": () => still(leaned(butterfly(30, 14), -24)),
  },
  asWide,
);
export const BUTTERFLY_FLYING = builtFigure(
  "span",
  {
    up: () => still(butterfly(70, 24)),
    level: () => still(butterfly(6, 24)),
    down: () => still(butterfly(-40, 24)),
  },
  { peak: 0, ...asWide },
);
const dragonfly = (fore: number, hind: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "body",
        "blue",
        [
          [0.24, 0, 0],
          [0.1, 0, 0.0],
        ],
        [0.07, 0.06],
      ),
      ...through(
        "tail",
        "blue",
        [
          [0.08, 0, 0],
          [-0.16, 0, -0.01],
          [-0.46, 0, -0.02],
        ],
        [0.035, 0.026, 0.03],
      ),
      ball(of("head", "deep-water"), vec([0.33, 0, 0.0]), 0.06),
      ...eyes(0.35, 0.045, 0.02, 0.05),
      ...bothSides((side) => [
        insectWing(
          "fore wing",
          "sky",
          side,
          fore,
          [
            [0.3, 0.1],
            [0.64, 0.06],
            [0.64, -0.03],
            [0.3, -0.06],
          ],
          [0.2, side * 0.04, 0.05],
          0.004,
        ),
        insectWing(
          "hind wing",
          "sky",
          side,
          hind,
          [
            [0.3, 0.05],
            [0.6, 0.0],
            [0.58, -0.1],
            [0.2, -0.14],
          ],
          [0.1, side * 0.04, 0.05],
          0.004,
        ),
        ...[0.24, 0.18, 0.12].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.03, -0.05],
              [x + 0.08, side * 0.08, -0.13],
            ],
            [0.008],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
const dragonWide = { measured: () => still(dragonfly(0, 0)) };
export const DRAGONFLY_HOVERING = builtFigure(
  "span",
  {
    "fore wings up": () => still(dragonfly(40, -30, 6)),
    level: () => still(dragonfly(4, 0, 6)),
    "fore wings down": () => still(dragonfly(-34, 36, 6)),
  },
  { peak: 0, ...dragonWide },
);
export const DRAGONFLY_PERCHED = builtFigure(
  "span",
  {
    level: () => still(dragonfly(2, 0, 10)),
    "wings forward": () => still(dragonfly(-16, -14, 14)),
    raised: () => still(dragonfly(6, 4, 50)),
  },
  { peak: 0, ...dragonWide },
);
const bee = (raised: number, tip = 0): Solid[] =>
  tipped(
    [
      ...through(
        "tail",
        "yellow",
        [
          [0.0, 0, -0.02],
          [-0.34, 0, -0.08],
        ],
        [0.17, 0.09],
      ),
      ...[-0.06, -0.18].map((x) => ball(of("band", "black"), vec([x, 0, -0.03]), 0.172 + x * 0.18)),
      ball(of("breast", "earth"), vec([0.2, 0, 0.02]), 0.17),
      ball(of("head", "black"), vec([0.4, 0, -0.02]), 0.11),
      ...eyes(0.43, 0.08, 0.0, 0.05),
      ...bothSides((side) => [
        insectWing(
          "wing",
          "sky",
          side,
          raised,
          [
            [0.3, 0.08],
            [0.5, -0.14],
            [0.42, -0.26],
            [0.12, -0.16],
          ],
          [0.16, side * 0.08, 0.15],
          0.006,
        ),
        ...through(
          "feeler",
          "black",
          [
            [0.46, side * 0.04, 0.06],
            [0.6, side * 0.1, 0.06],
          ],
          [0.012],
          "limb",
        ),
        ...[0.28, 0.16, 0.04].flatMap((x) =>
          through(
            "leg",
            "black",
            [
              [x, side * 0.1, -0.1],
              [x + 0.06, side * 0.18, -0.2],
              [x, side * 0.18, -0.3],
            ],
            [0.022, 0.016, 0.012],
            "limb",
          ),
        ),
      ]),
    ],
    tip,
  );
export const BEE = builtFigure(
  "span",
  {
    "on the flower": () => still(bee(20)),
    leaving: () => still(bee(60, 30)),
    hovering: () => still(bee(-20, 24)),
  },
  { peak: 0, measured: () => still(bee(0)) },
);
const spider = (spread: number): Solid[] => [
  ball(of("abdomen", "earth"), vec([0, 0, 0.64]), 0.17),
  ball(of("breast", "earth"), vec([0, 0, 0.42]), 0.11),
  ...bothSides((side) =>
    (
      [
        [0.24, 0.7, 0.3, 1.0],
        [0.34, 0.56, 0.48, 0.76],
        [0.34, 0.32, 0.48, 0.1],
        [0.2, 0.2, 0.26, 0.0],
      ] as const
    ).flatMap(([ky, kz, fy, fz]) =>
      through(
        "leg",
        "earth",
        [
          [0, side * 0.08, 0.42],
          [0.06, side * ky * spread, kz],
          [0.0, side * fy * spread, fz],
        ],
        [0.026, 0.018, 0.01],
        "limb",
      ),
    ),
  ),
];
export const SPIDER = builtFigure("height", {
  waiting: () => still(spider(1)),
  running: () => still(leaned(spider(0.9), 14)),
  wrapping: () => still(spider(0.7)),
});
