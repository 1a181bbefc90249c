import { builtFigure } from "../figure";
import type { Solid } from "../solid";
import { ball, bothSides, tipped, vec, type Place } from "../rigs/build";

import { eyes, of, still, through } from "./small-parts";

// By hand against their own length as 1, from memory of field guides.

export const FROG = builtFigure(
  "length",
  {
    calling: () => still(frog(1.5, 30)),
    sitting: () => still(frog(1, 34)),
    leaping: () => ({
      ...still([
        ...through(
          "body",
          "leaf",
          [
            [-0.2, 0, 0.2],
            [0.1, 0, 0.34],
            [0.34, 0, 0.44],
          ],
          [0.14, 0.19, 0.12],
        ),
        ...eyes(0.3, 0.1, 0.56, 0.05),
        ...bothSides((side) => [
          ...through(
            "hind leg",
            "leaf",
            [
              [-0.2, side * 0.1, 0.18],
              [-0.4, side * 0.16, 0.06],
              [-0.66, side * 0.18, 0.0],
              [-0.8, side * 0.2, -0.04],
            ],
            [0.08, 0.06, 0.04, 0.03],
            "limb",
          ),
          ...through(
            "fore leg",
            "leaf",
            [
              [0.2, side * 0.14, 0.3],
              [0.3, side * 0.2, 0.16],
            ],
            [0.05, 0.03],
            "limb",
          ),
        ]),
      ]),
      off: 0.3,
    }),
  },
  { peak: 0, measured: () => still(frog(1, 34)) },
);
function frog(throat: number, up: number): Solid[] {
  return [
    ...tipped(
      through(
        "body",
        "leaf",
        [
          [-0.34, 0, 0.2],
          [-0.06, 0, 0.22],
          [0.26, 0, 0.22],
          [0.42, 0, 0.2],
        ],
        [0.17, 0.23, 0.17, 0.09],
      ),
      up - 10,
    ),
    ...(throat > 1 ? [ball(of("throat", "straw"), vec([0.42, 0, 0.28]), 0.19 * throat * 0.8)] : []),
    ...eyes(0.28, 0.12, 0.5, 0.06),
    ...bothSides((side) => [
      ...through(
        "hind leg",
        "leaf",
        [
          [-0.3, side * 0.16, 0.14],
          [0.1, side * 0.36, 0.24],
          [-0.26, side * 0.36, 0.08],
          [0.12, side * 0.4, 0.03],
        ],
        [0.11, 0.08, 0.06, 0.035],
        "limb",
      ),
      ...through(
        "fore leg",
        "leaf",
        [
          [0.2, side * 0.18, 0.24],
          [0.26, side * 0.26, 0.12],
          [0.38, side * 0.24, 0.02],
        ],
        [0.06, 0.05, 0.03],
        "limb",
      ),
    ]),
  ];
}
const lizard = (head: number, bend: number): Solid[] => [
  ...through(
    "body",
    "leaf",
    [
      [-0.5, bend, 0.01],
      [-0.3, -bend / 2, 0.02],
      [-0.06, 0, 0.05],
      [0.14, 0, 0.055],
      [0.3, 0, 0.05 + head / 2],
      [0.4, 0, 0.05 + head],
    ],
    [0.005, 0.018, 0.045, 0.05, 0.03, 0.035],
  ),
  ...through(
    "muzzle",
    "leaf",
    [
      [0.4, 0, 0.05 + head],
      [0.48, 0, 0.045 + head],
    ],
    [0.035, 0.014],
  ),
  ...eyes(0.42, 0.028, 0.068 + head, 0.009),
  ...bothSides((side) => [
    ...through(
      "fore leg",
      "leaf",
      [
        [0.2, side * 0.04, 0.05],
        [0.18, side * 0.11, 0.05],
        [0.26, side * 0.13, 0.008],
      ],
      [0.018, 0.014, 0.01],
      "limb",
    ),
    ...through(
      "hind leg",
      "leaf",
      [
        [-0.06, side * 0.04, 0.04],
        [0.0, side * 0.12, 0.045],
        [-0.1, side * 0.15, 0.008],
      ],
      [0.02, 0.016, 0.01],
      "limb",
    ),
  ]),
];
export const LIZARD = builtFigure(
  "length",
  {
    flat: () => still(lizard(0, 0.05)),
    basking: () => still(lizard(0.05, 0.08)),
    "head up": () => still(lizard(0.12, -0.06)),
  },
  { peak: 1, measured: () => still(lizard(0, 0)) },
);
const coil = (turns: number, head: Place): Solid[] => {
  const steps = 22;
  const places = Array.from({ length: steps }, (_, i): Place => {
    const share = i / (steps - 1);
    const angle = share * turns * 2 * Math.PI;
    const radius = 0.22 - 0.13 * share;
    return [radius * Math.cos(angle), radius * Math.sin(angle), 0.02 + 0.05 * share];
  });
  return through("body", "earth", [...places, head], [0.006, 0.014, 0.02, 0.023, 0.024]);
};
const crawling = (head: number): Solid[] => {
  const places = Array.from({ length: 16 }, (_, i): Place => [
    -0.5 + i / 16,
    0.07 * Math.sin(i * 1.25),
    0.02,
  ]);
  return [
    ...through(
      "body",
      "earth",
      [...places, [0.46, 0, 0.03 + head], [0.5, 0, 0.035 + head]],
      [
        0.004, 0.01, 0.015, 0.018, 0.02, 0.021, 0.021, 0.021, 0.021, 0.02, 0.02, 0.019, 0.018, 0.016, 0.014,
        0.013, 0.017, 0.01,
      ],
    ),
    ...eyes(0.48, 0.014, 0.042 + head, 0.004),
  ];
};
export const SNAKE = builtFigure(
  "length",
  {
    coiled: () => still(coil(2.2, [0.1, 0.02, 0.14])),
    stretched: () => still(crawling(0)),
    "head up": () => still(crawling(0.14)),
  },
  { peak: 0, measured: () => still(crawling(0)) },
);
