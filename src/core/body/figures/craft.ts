import { builtFigure, type Built } from "../figure";
import type { Solid } from "../solid";
import type { Vec } from "../turned";
import { arm, leg, pose } from "../poses/pose-of";
import { helmet, personAt } from "../rigs/rider";
import { bothSides, broad, chain, leaned, tipped, vec, wheel, type Place } from "../rigs/build";

// Cars and aircraft, in metres: proportions of their kinds from memory.

const part = (name: string, made: Solid["made"]) => ({ name, made });
const plate = (name: string, made: Solid["made"], corners: readonly Place[], radius = 0.03): Solid =>
  broad(part(name, made), corners.map(vec), radius);
/** Corners to the left and to the right of places on the middle. */
const both = (
  half: number,
  ...places: readonly (readonly [x: number, z: number, half?: number])[]
): Place[] =>
  places.flatMap(([x, z, own = half]): Place[] => [
    [x, own, z],
    [x, -own, z],
  ]);
const moving = (
  solids: readonly Solid[],
  {
    pitch = 0,
    lean = 0,
    off = 0,
  }: { readonly pitch?: number; readonly lean?: number; readonly off?: number } = {},
): Built => ({
  solids: leaned(tipped(solids, pitch), lean),
  face: vec([1, 0, 0]),
  off,
});

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

const jet = [
  ...chain(
    part("fuselage", "stone"),
    [vec([7, 0, 2.0]), vec([4.5, 0, 2.05]), vec([0, 0, 2.1]), vec([-5.6, 0, 2.1])],
    [0.12, 0.55, 0.85, 0.6],
  ),
  ...chain(part("canopy", "deep-water"), [vec([4.4, 0, 2.5]), vec([2.6, 0, 2.75])], [0.34, 0.4]),
  ...bothSides((side) => [
    plate(
      "wing",
      "stone",
      [
        [2.2, side * 0.6, 2.05],
        [-3.8, side * 0.6, 2.05],
        [-3.6, side * 4.5, 2.0],
        [-2.4, side * 4.5, 2.0],
      ],
      0.07,
    ),
    plate(
      "tail plane",
      "stone",
      [
        [-4.2, side * 0.5, 2.1],
        [-6.4, side * 0.5, 2.1],
        [-6.6, side * 2.2, 2.1],
        [-5.6, side * 2.2, 2.1],
      ],
      0.06,
    ),
    plate(
      "fin",
      "stone",
      [
        [-3.4, side * 0.5, 2.5],
        [-5.8, side * 0.5, 2.4],
        [-6.4, side * 0.8, 4.0],
        [-5.3, side * 0.8, 4.0],
      ],
      0.06,
    ),
    ...chain(
      part("intake", "black"),
      [vec([2.6, side * 0.75, 1.75]), vec([-5.4, side * 0.55, 1.9])],
      [0.42, 0.46],
    ),
  ]),
  ...chain(part("nozzle", "black"), [vec([-5.6, 0, 2.1]), vec([-6.6, 0, 2.1])], [0.58, 0.45]),
];
const attitudes = (solids: () => readonly Solid[], words: readonly [string, string, string]) => ({
  [words[0]]: () => moving(solids(), { pitch: 6 }),
  [words[1]]: () => moving(solids(), { lean: -58, pitch: 4 }),
  [words[2]]: () => moving(solids(), { pitch: 40 }),
});
export const JET = builtFigure(
  "length",
  attitudes(() => jet, ["level", "banked", "climbing"]),
  { peak: 1, measured: () => moving(jet) },
);

/** A blade on each side of its hub, turned by so many degrees in the plane of the way it spins about. */
const propellerOf = (at: Place, radius: number, turn: number): Solid[] => {
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)];
  const hub = vec(at);
  return [1, -1].map(
    (side) =>
      chain(
        { name: "blade", part: "tool", made: "black", hub },
        [hub, vec([at[0], at[1] + side * radius * c, at[2] + side * radius * s])],
        [0.07, 0.05],
      )[0]!,
  );
};
const aeroplane = (turn: number): Solid[] => [
  ...chain(
    part("fuselage", "white"),
    [vec([3.4, 0, 1.5]), vec([2.2, 0, 1.5]), vec([0.2, 0, 1.6]), vec([-4, 0, 1.9])],
    [0.4, 0.55, 0.55, 0.14],
  ),
  ...chain(part("canopy", "deep-water"), [vec([1.4, 0, 2.0]), vec([0, 0, 2.05])], [0.28, 0.3]),
  ...propellerOf([3.85, 0, 1.5], 1.0, turn),
  ...chain(part("nose", "red"), [vec([3.5, 0, 1.5]), vec([3.95, 0, 1.5])], [0.3, 0.08]),
  ...bothSides((side) => [
    plate(
      "wing",
      "red",
      [
        [1.7, side * 0.4, 1.35],
        [0.1, side * 0.4, 1.35],
        [0.5, side * 5, 1.6],
        [1.4, side * 5, 1.6],
      ],
      0.07,
    ),
    plate(
      "tail plane",
      "red",
      [
        [-3.2, side * 0.1, 1.9],
        [-4.1, side * 0.1, 1.9],
        [-4.1, side * 1.5, 1.95],
        [-3.6, side * 1.5, 1.95],
      ],
      0.05,
    ),
    ...wheel("wheel", vec([1.4, side * 0.8, 0.3]), { radius: 0.28, tyre: 0.09 }),
    ...chain(part("leg", "white"), [vec([1.4, side * 0.8, 0.3]), vec([1.4, side * 0.5, 1.2])], [0.05]),
  ]),
  plate(
    "fin",
    "red",
    [
      [-3.1, 0, 2.0],
      [-4.2, 0, 1.9],
      [-4.3, 0, 2.7],
      [-3.9, 0, 2.7],
    ],
    0.05,
  ),
];
export const AEROPLANE = builtFigure(
  "length",
  attitudes(() => aeroplane(35), ["level", "banked", "climbing"]),
  { peak: 0, measured: () => moving(aeroplane(35)) },
);

const helicopter = (turn: number): Solid[] => [
  ...chain(
    part("cabin", "red"),
    [vec([2.6, 0, 1.3]), vec([1.2, 0, 1.6]), vec([-0.8, 0, 1.75])],
    [0.5, 0.9, 0.7],
  ),
  ...chain(part("glass", "deep-water"), [vec([2.7, 0, 1.5]), vec([1.9, 0, 1.75])], [0.45, 0.72]),
  ...chain(part("tail boom", "red"), [vec([-1.0, 0, 2.0]), vec([-6.2, 0, 2.2])], [0.36, 0.14]),
  ...chain(part("mast", "black"), [vec([0, 0, 2.4]), vec([0, 0, 3.2])], [0.3, 0.12]),
  ...[0, 90].flatMap((quarter) => {
    const angle = ((turn + quarter) * Math.PI) / 180;
    return [1, -1].map(
      (side) =>
        chain(
          { name: "blade", part: "tool", made: "black", hub: vec([0, 0, 3.2]) },
          [vec([0, 0, 3.2]), vec([side * 5.5 * Math.cos(angle), side * 5.5 * Math.sin(angle), 3.3])],
          [0.12, 0.1],
        )[0]!,
    );
  }),
  plate(
    "fin",
    "red",
    [
      [-5.8, 0, 2.3],
      [-6.3, 0, 2.2],
      [-6.6, 0, 3.2],
      [-6.2, 0, 3.2],
    ],
    0.05,
  ),
  ...wheel("tail rotor", vec([-6.2, 0.2, 2.4]), { radius: 0.7, tyre: 0.03, spokes: 2 }),
  ...bothSides((side) => [
    ...chain(part("skid", "black"), [vec([2.2, side * 1.0, 0.12]), vec([-1.4, side * 1.0, 0.06])], [0.06]),
    ...[1.2, -0.6].flatMap((x) =>
      chain(part("strut", "black"), [vec([x, side * 1.0, 0.1]), vec([x, side * 0.5, 0.9])], [0.05]),
    ),
  ]),
];
export const HELICOPTER = builtFigure(
  "length",
  attitudes(() => helicopter(20), ["level", "banked", "nose up"]),
  { peak: 0, measured: () => moving(helicopter(20)) },
);
