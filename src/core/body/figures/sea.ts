import { builtFigure, type Built, type Figure } from "../figure";
import type { Solid } from "../solid";
import { ball, bothSides, broad, tipped, vec, type Place } from "../rigs/build";
import { aboveWater } from "../water";

import { eyes, of, still, through } from "./small-parts";

// By hand against their own length as 1, from memory of field guides.

/** A seal on the shore: its back curved, its head so high. */
const seal = (head: Place, tail: number): Solid[] => [
  ...through(
    "body",
    "stone",
    [[-0.36, 0, 0.1], [-0.1, 0, 0.15], [0.16, 0, 0.17], head],
    [0.06, 0.14, 0.14, 0.075],
  ),
  ...through("muzzle", "stone", [head, [head[0] + 0.08, 0, head[2] - 0.015]], [0.075, 0.035]),
  ...eyes(head[0] + 0.055, 0.045, head[2] + 0.03, 0.016),
  ...bothSides((side) => [
    ...through(
      "flipper",
      "black",
      [
        [0.14, side * 0.11, 0.08],
        [0.02, side * 0.2, 0.02],
      ],
      [0.04, 0.025],
      "limb",
    ),
    ...through(
      "tail",
      "black",
      [
        [-0.36, 0, 0.1],
        [-0.48, side * 0.05, tail],
      ],
      [0.045, 0.03],
      "limb",
    ),
  ]),
];
export const SEAL: Figure = builtFigure(
  "length",
  {
    lying: () => still(seal([0.36, 0, 0.14], 0.06)),
    "head up": () => still(seal([0.33, 0, 0.3], 0.1)),
    banana: () => still(seal([0.31, 0, 0.34], 0.26)),
  },
  { peak: 1, measured: () => still(seal([0.36, 0, 0.14], 0.06)) },
);

/** A whale or a dolphin, bent by so many degrees from nose to tail. */
const whale = (bend: number, dolphin: boolean): Solid[] => {
  const places = Array.from({ length: 7 }, (_, i): Place => {
    const share = i / 6 - 0.5;
    const angle = (bend * share * Math.PI) / 180;
    return [-share, 0, -Math.abs(Math.sin(angle)) * Math.abs(share)];
  });
  const radii = dolphin
    ? [0.045, 0.1, 0.12, 0.11, 0.08, 0.045, 0.025]
    : [0.07, 0.11, 0.12, 0.115, 0.085, 0.045, 0.025];
  const tail = places.at(-1)!;
  return [
    ...through("body", dolphin ? "stone" : "deep-water", places, radii),
    ...(dolphin
      ? through(
          "beak",
          "stone",
          [
            [0.5, 0, places[0]![2]],
            [0.6, 0, places[0]![2] - 0.01],
          ],
          [0.035, 0.015],
        )
      : []),
    broad(
      of("fin", "deep-water"),
      (
        [
          [0.04, 0, 0.08],
          [-0.12, 0, 0.06],
          [-0.1, 0, dolphin ? 0.22 : 0.16],
        ] as const
      ).map(vec),
      0.008,
    ),
    ...bothSides((side) => [
      broad(
        of("fluke", "deep-water"),
        (
          [
            [tail[0] + 0.04, 0, tail[2]],
            [tail[0] - 0.06, side * 0.16, tail[2] + 0.01],
            [tail[0] - 0.02, side * 0.04, tail[2]],
          ] as const
        ).map(vec),
        0.01,
      ),
      broad(
        of("flipper", "deep-water", "limb"),
        (
          [
            [0.28, side * 0.08, -0.05],
            [0.2, side * 0.08, -0.06],
            [0.1, side * 0.2, -0.13],
          ] as const
        ).map(vec),
        0.01,
      ),
    ]),
    ...eyes(0.42, 0.07, places[0]![2] + 0.01, 0.008),
  ];
};
export const DOLPHIN = builtFigure(
  "length",
  {
    breaking: () => ({ ...still(tipped(whale(60, true), 40)), off: 0.02 }),
    leap: () => ({ ...still(whale(90, true)), off: 0.5 }),
    entry: () => ({ ...still(tipped(whale(70, true), -44)), off: 0.02 }),
  },
  { peak: 1, measured: () => still(whale(0, true)) },
);
const surfacing = (solids: readonly Solid[], sunk: number): Built =>
  still(
    aboveWater(
      solids.map((s) => ({
        ...s,
        from: { ...s.from, z: s.from.z - sunk },
        to: { ...s.to, z: s.to.z - sunk },
        ...(s.further && { further: s.further.map((f) => ({ ...f, z: f.z - sunk })) }),
      })),
    ),
    "as built",
  );
export const WHALE = builtFigure(
  "length",
  {
    blow: () => surfacing(whale(20, false), 0.06),
    back: () => surfacing(whale(80, false), -0.02),
    fluke: () => surfacing(tipped(whale(40, false), -62), 0.2),
  },
  { peak: 1, measured: () => still(whale(0, false)) },
);
export const OTTER_SWIMMING = builtFigure("length", {
  swimming: () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.3, 0, 0.04],
            [0, 0, 0.01],
            [-0.3, 0, 0.0],
            [-0.5, 0, 0.005],
          ],
          [0.075, 0.085, 0.06, 0.02],
        ),
        ...through(
          "head",
          "earth",
          [
            [0.36, 0, 0.07],
            [0.46, 0, 0.055],
          ],
          [0.062, 0.04],
        ),
        ...eyes(0.42, 0.035, 0.1, 0.01),
        ...bothSides((side) => [ball(of("ear", "earth"), vec([0.33, side * 0.045, 0.12]), 0.016)]),
      ],
      0.01,
    ),
  diving: () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.24, 0, -0.02],
            [0, 0, 0.09],
            [-0.24, 0, 0.02],
            [-0.4, 0, 0.12],
          ],
          [0.08, 0.09, 0.06, 0.02],
        ),
      ],
      0.01,
    ),
  "with a fish": () =>
    surfacing(
      [
        ...through(
          "body",
          "earth",
          [
            [0.3, 0, 0.04],
            [0, 0, 0.0],
          ],
          [0.075, 0.085],
        ),
        ...through(
          "head",
          "earth",
          [
            [0.34, 0, 0.12],
            [0.44, 0, 0.13],
          ],
          [0.062, 0.04],
        ),
        ...through(
          "fish",
          "stone",
          [
            [0.46, 0.1, 0.1],
            [0.46, -0.1, 0.1],
          ],
          [0.02, 0.025],
          "tool",
        ),
        ...eyes(0.4, 0.035, 0.16, 0.01),
      ],
      0.01,
    ),
});
