import { builtFigure } from "../figure";
import type { Solid } from "../solid";
import { bothSides, chain, vec, wheel, type Place } from "../rigs/build";

import { moving, part, plate } from "./craft-parts";

// In metres; proportions of their kinds from memory.

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
