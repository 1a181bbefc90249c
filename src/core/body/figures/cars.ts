import { builtFigure } from "../figure";
import type { Solid } from "../solid";
import type { Vec } from "../turned";
import { arm, leg, pose } from "../poses/pose-of";
import { helmet, personAt } from "../rigs/rider";
import { bothSides, chain, vec, wheel } from "../rigs/build";

import { both, moving, part, plate } from "./craft-parts";

// In metres; proportions of their kinds from memory.

/** Four wheels, the front ones steered by so many degrees. */
const onWheels = (
  front: number,
  back: number,
  half: number,
  radius: number,
  tyre: number,
  steer = 0,
): Solid[] => {
  const s = (steer * Math.PI) / 180;
  const axle: Vec = { x: -Math.sin(s), y: Math.cos(s), z: 0 };
  return bothSides((side) => [
    ...wheel("wheel", vec([front, side * half, radius]), { radius, tyre, spokes: 3, axle }),
    ...wheel("wheel", vec([back, side * half, radius]), { radius, tyre, spokes: 3 }),
  ]);
};

function racingCar(steer: number) {
  const driver = personAt(
    pose(leg(96, 20), leg(96, 20), arm(70, 40), arm(70, 40), { tip: -30, nod: 24 }),
    vec([-0.15, 0, 0.28]),
    { standing: 1.7 },
  );
  const seen = driver.solids.filter((s) => /^(head|neck|hair|shoulders|.* hand|.* forearm)$/.test(s.name));
  return [
    ...onWheels(1.5, -1.6, 0.72, 0.34, 0.13, steer),
    plate("floor", "black", both(0.62, [-1.9, 0.1], [0.9, 0.1, 0.5])),
    plate(
      "tub",
      "red",
      [
        ...both(
          0.2,
          [2.2, 0.22, 0.1],
          [2.2, 0.3, 0.08],
          [0.5, 0.2, 0.3],
          [0.5, 0.6, 0.24],
          [-0.4, 0.62, 0.34],
        ),
      ],
      0.04,
    ),
    plate(
      "side pod",
      "red",
      both(0.66, [0.3, 0.18], [0.3, 0.5, 0.6], [-1.3, 0.18, 0.5], [-1.3, 0.42, 0.4]),
      0.05,
    ),
    ...chain(
      part("engine cover", "red"),
      [vec([-0.3, 0, 0.72]), vec([-0.9, 0, 0.62]), vec([-1.9, 0, 0.38])],
      [0.2, 0.18, 0.08],
    ),
    plate("front wing", "black", both(0.86, [2.2, 0.14], [2.5, 0.1], [2.5, 0.16]), 0.02),
    plate("rear wing", "black", both(0.5, [-2.1, 0.9], [-2.3, 0.86], [-2.1, 0.78]), 0.02),
    ...bothSides((side) => [
      plate(
        "end plate",
        "black",
        [
          [-2.0, side * 0.5, 0.95],
          [-2.35, side * 0.5, 0.95],
          [-2.35, side * 0.5, 0.5],
          [-2.0, side * 0.5, 0.5],
        ],
        0.015,
      ),
      plate(
        "nose plate",
        "black",
        [
          [2.2, side * 0.86, 0.1],
          [2.5, side * 0.86, 0.1],
          [2.5, side * 0.86, 0.26],
          [2.2, side * 0.86, 0.26],
        ],
        0.015,
      ),
    ]),
    ...seen,
    helmet(driver, "yellow"),
  ];
}
export const RACING_CAR = builtFigure(
  "length",
  {
    "turning in": () => moving(racingCar(10), { pitch: -0.6 }),
    apex: () => moving(racingCar(16)),
    exit: () => moving(racingCar(-6), { pitch: 0.4 }),
  },
  { peak: 1 },
);

const rallyCar = (steer: number) => [
  ...onWheels(1.28, -1.26, 0.88, 0.33, 0.11, steer),
  // Panels, not one block: the wheels of the far side stay behind them.
  ...bothSides((side) => [
    plate("body", "blue", [
      [-2.05, side * 0.82, 0.42],
      [2.05, side * 0.82, 0.36],
      [2.1, side * 0.82, 0.66],
      [1.1, side * 0.82, 0.9],
      [-1.9, side * 0.82, 0.96],
      [-2.1, side * 0.82, 0.86],
    ]),
  ]),
  plate("body", "blue", both(0.82, [2.05, 0.36], [2.1, 0.66])),
  plate("body", "blue", both(0.82, [2.1, 0.66], [1.1, 0.9])),
  plate("body", "blue", both(0.82, [1.1, 0.9], [-1.9, 0.96])),
  plate("body", "blue", both(0.82, [-2.05, 0.42], [-2.1, 0.86])),
  plate(
    "cabin",
    "black",
    both(0.66, [-1.7, 0.95], [0.85, 0.92], [-1.2, 1.36, 0.56], [0.05, 1.38, 0.56]),
    0.04,
  ),
  plate("roof", "blue", both(0.58, [-1.25, 1.38], [0.0, 1.4], [-0.6, 1.42]), 0.03),
  plate("wing", "blue", both(0.62, [-1.95, 1.3], [-2.2, 1.34], [-2.2, 1.3]), 0.025),
  ...bothSides((side) => [
    plate(
      "wing foot",
      "black",
      [
        [-1.9, side * 0.5, 0.95],
        [-2.05, side * 0.5, 0.95],
        [-2.1, side * 0.5, 1.3],
        [-1.98, side * 0.5, 1.3],
      ],
      0.02,
    ),
    plate(
      "lamp",
      "white",
      [
        [2.1, side * 0.6, 0.62],
        [2.12, side * 0.42, 0.62],
        [2.08, side * 0.6, 0.74],
        [2.1, side * 0.42, 0.74],
      ],
      0.03,
    ),
  ]),
];
export const RALLY_CAR = builtFigure(
  "length",
  {
    braking: () => moving(rallyCar(6), { pitch: -2.5 }),
    sliding: () => moving(rallyCar(-26), { lean: 3 }),
    "over the crest": () => moving(rallyCar(0), { pitch: 4, off: 0.5 }),
    landing: () => moving(rallyCar(4), { pitch: -4, off: 0.1 }),
  },
  { peak: 1 },
);

function kart(steer: number, lean: number) {
  const driver = personAt(
    pose(leg(100, 50), leg(100, 50), arm(66, 40), arm(66, 40), { tip: -14, lean, nod: 6, look: steer / 2 }),
    vec([-0.3, 0, 0.2]),
  );
  return [
    ...onWheels(0.55, -0.62, 0.58, 0.13, 0.055, steer),
    plate("floor", "black", both(0.3, [-0.8, 0.07], [0.85, 0.07])),
    plate("nose", "orange", both(0.5, [0.75, 0.12], [0.95, 0.12, 0.4], [0.8, 0.3, 0.34]), 0.05),
    ...bothSides((side) => [
      plate(
        "side box",
        "orange",
        [
          [0.3, side * 0.52, 0.1],
          [-0.36, side * 0.52, 0.1],
          [-0.36, side * 0.5, 0.26],
          [0.3, side * 0.5, 0.24],
        ],
        0.06,
      ),
    ]),
    ...chain(part("column", "black"), [vec([0.4, 0, 0.14]), vec([0.14, 0, 0.48])], [0.02]),
    ...wheel("steering wheel", vec([0.12, 0, 0.5]), {
      radius: 0.15,
      tyre: 0.015,
      axle: { x: -0.8, y: 0, z: 0.6 },
    }),
    ...driver.solids,
    helmet(driver, "blue"),
  ];
}
export const KART = builtFigure(
  "length",
  {
    "turning in": () => moving(kart(14, 6)),
    apex: () => moving(kart(20, 10), { lean: -2 }),
    straight: () => moving(kart(0, 0)),
  },
  { peak: 1 },
);
