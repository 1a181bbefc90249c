import { builtFigure, type Built } from "../figure";
import type { PersonPose } from "../pose";
import { arm, leg, pose } from "../poses/pose-of";
import { broad, chain, leaned, tipped, vec, wheel, type Place } from "../rigs/build";
import { helmet, personAt } from "../rigs/rider";

import { made, rods } from "./parts";

// In metres; sizes and seats from memory.

/** A motorcycle and who rides it; the whole leaned to its right by so many degrees. */
function motorcycle(
  rider: PersonPose,
  seat: Place,
  { cross = false, lean = 0, pitch = 0, off = 0 } = {},
): Built {
  const radius = cross ? 0.34 : 0.3;
  const tyre = cross ? 0.045 : 0.06;
  const placed = personAt(rider, vec(seat));
  const solids = [
    ...wheel("wheel", vec([-0.68, 0, radius]), { radius, tyre, spokes: cross ? 4 : 3 }),
    ...wheel("wheel", vec([0.72, 0, radius]), { radius, tyre, spokes: cross ? 4 : 3 }),
    ...chain(
      { name: "body", made: cross ? "yellow" : "red" },
      [vec([-0.62, 0, 0.84]), vec([-0.1, 0, 0.74]), vec([0.34, 0, 0.82])],
      [0.07, 0.1, 0.13],
    ),
    ...(cross
      ? []
      : [
          broad(
            { name: "fairing", made: "red" },
            [
              vec([0.3, 0.16, 0.4]),
              vec([0.3, -0.16, 0.4]),
              vec([0.62, 0.1, 0.62]),
              vec([0.62, -0.1, 0.62]),
              vec([0.42, 0.12, 0.98]),
              vec([0.42, -0.12, 0.98]),
              vec([-0.2, 0.14, 0.36]),
              vec([-0.2, -0.14, 0.36]),
            ],
            0.06,
          ),
        ]),
    ...chain(made("engine", "stone"), [vec([-0.1, 0, 0.44]), vec([0.2, 0, 0.46])], [0.15, 0.15]),
    ...rods(
      "stone",
      0.035,
      [
        [0.72, 0, radius],
        [0.44, 0, 0.92],
      ],
      [
        [-0.68, 0, radius],
        [-0.1, 0, 0.44],
      ],
    ),
    ...rods("black", 0.018, [
      [0.4, -0.3, cross ? 1.06 : 0.92],
      [0.4, 0.3, cross ? 1.06 : 0.92],
    ]),
    ...(cross
      ? [
          broad(
            made("guard", "yellow"),
            [
              vec([0.5, 0.08, 0.86]),
              vec([0.5, -0.08, 0.86]),
              vec([1.0, 0.06, 0.78]),
              vec([1.0, -0.06, 0.78]),
            ],
            0.02,
          ),
        ]
      : []),
    ...placed.solids,
    helmet(placed, "white"),
  ];
  return { solids: leaned(tipped(solids, pitch), lean), face: placed.face, off };
}
const tucked = (more: Partial<PersonPose> = {}): PersonPose =>
  pose(leg(104, 124), leg(104, 124), arm(74, 46), arm(74, 46), { tip: 66, bend: 22, nod: -52, ...more });
export const ROAD_MOTORCYCLE = builtFigure(
  "length",
  {
    straight: () => motorcycle(tucked(), [-0.3, 0, 0.88]),
    corner: () =>
      motorcycle(
        pose(leg(96, 116), leg(80, 112, 0, 44), arm(70, 50, 10), arm(70, 30, 20), {
          tip: 56,
          bend: 20,
          lean: -16,
          look: -20,
          nod: -36,
        }),
        [-0.26, -0.16, 0.88],
        { lean: 46 },
      ),
    braking: () =>
      motorcycle(
        pose(leg(90, 110), leg(90, 110), arm(74, 16), arm(74, 16), { tip: 40, bend: 12, nod: -30 }),
        [-0.3, 0, 0.9],
        { pitch: -4 },
      ),
  },
  { measured: () => motorcycle(tucked(), [-0.3, 0, 0.88]), peak: 1 },
);
const standingOn = (more: Partial<PersonPose> = {}): PersonPose =>
  pose(leg(56, 66, -6, 10), leg(56, 66, -6, 10), arm(66, 50, 30), arm(66, 50, 30), {
    tip: 36,
    bend: 16,
    nod: -30,
    ...more,
  });
export const MOTOCROSS = builtFigure(
  "length",
  {
    corner: () =>
      motorcycle(
        pose(leg(84, 92), leg(80, 8, -20, 34), arm(66, 50, 30), arm(66, 50, 30), {
          tip: 20,
          bend: 14,
          nod: -14,
        }),
        [-0.06, 0, 0.98],
        { cross: true, lean: 28 },
      ),
    jump: () => motorcycle(standingOn(), [-0.24, 0, 1.24], { cross: true, pitch: 16, off: 2 }),
    landing: () =>
      motorcycle(standingOn({ tip: 30 }), [-0.3, 0, 1.18], { cross: true, pitch: -10, off: 0.1 }),
    whip: () =>
      motorcycle(standingOn({ look: 30, twist: 20 }), [-0.2, 0, 1.22], {
        cross: true,
        pitch: 10,
        lean: -40,
        off: 2,
      }),
  },
  { peak: 1, measured: () => motorcycle(standingOn(), [-0.24, 0, 1.24], { cross: true }) },
);
export const SPEEDWAY = builtFigure(
  "length",
  {
    gate: () =>
      motorcycle(
        pose(leg(80, 90), leg(60, 20, -10, 20), arm(70, 40, 20), arm(70, 40, 20), {
          tip: 40,
          bend: 20,
          nod: -34,
        }),
        [-0.06, 0, 0.9],
        { cross: true },
      ),
    broadside: () =>
      motorcycle(
        pose(leg(88, 14, -20, 36), leg(84, 96), arm(64, 60, 36), arm(60, 40, 30), {
          tip: 24,
          bend: 18,
          look: 24,
          nod: -18,
        }),
        [-0.1, 0, 0.92],
        { cross: true, lean: -30 },
      ),
    straight: () =>
      motorcycle(
        pose(leg(76, 96), leg(96, 112), arm(72, 40), arm(72, 40), { tip: 52, bend: 20, nod: -44 }),
        [-0.3, 0, 0.92],
        { cross: true },
      ),
  },
  { peak: 1, measured: () => motorcycle(tucked(), [-0.3, 0, 0.88], { cross: true }) },
);
