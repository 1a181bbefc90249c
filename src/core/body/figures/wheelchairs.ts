import { builtFigure, type Built } from "../figure";
import type { PersonPose } from "../pose";
import { arm, leg, pose } from "../poses/pose-of";
import { ball as heldBall, headed } from "../tools";
import { broad, tipped, vec, wheel, type Place } from "../rigs/build";
import { helmet, personAt } from "../rigs/rider";
import { type Vec } from "../turned";

import { made, rods } from "./parts";

// In metres; sizes and seats from memory.

/** A chair on wheels that splay, and who sits in it. */
function wheelchair(
  rider: PersonPose,
  tools: NonNullable<Parameters<typeof personAt>[2]>["tools"] = [],
  lean = 0,
): Built {
  const placed = personAt(rider, vec([-0.04, 0, 0.56]), { tools });
  const axle = (side: number): Vec => ({ x: 0, y: 0.95, z: side * 0.31 });
  return {
    solids: tipped(
      [
        ...[1, -1].flatMap((side) => [
          ...wheel("wheel", vec([0, side * 0.36, 0.31]), { radius: 0.31, tyre: 0.014, axle: axle(side) }),
          ...wheel("caster", vec([0.42, side * 0.16, 0.05]), { radius: 0.05, tyre: 0.016 }),
        ]),
        broad(
          made("seat", "black"),
          [
            [-0.2, 0.2, 0.46],
            [-0.2, -0.2, 0.46],
            [0.24, -0.2, 0.5],
            [0.24, 0.2, 0.5],
          ].map((p) => vec(p as unknown as Place)),
          0.03,
        ),
        ...rods(
          "stone",
          0.016,
          [
            [-0.22, 0.18, 0.46],
            [-0.26, 0.18, 0.8],
          ],
          [
            [-0.22, -0.18, 0.46],
            [-0.26, -0.18, 0.8],
          ],
          [
            [0.2, 0, 0.46],
            [0.5, 0, 0.14],
          ],
          [
            [0.5, 0.18, 0.14],
            [0.5, -0.18, 0.14],
          ],
          [
            [0, 0.3, 0.31],
            [0, -0.3, 0.31],
          ],
        ),
        ...placed.solids,
      ],
      lean,
    ),
    face: placed.face,
  };
}
const seated = (
  left: PersonPose["leftArm"],
  right: PersonPose["rightArm"],
  more: Partial<PersonPose> = {},
): PersonPose => pose(leg(88, 74), leg(88, 74), left, right, more);
const BASKETBALL = [heldBall("ball", "right", 0.07)];
export const WHEELCHAIR_BASKETBALL = builtFigure(
  "length",
  {
    pushing: () =>
      wheelchair(seated(arm(-20, 40, 20), arm(-20, 40, 20), { tip: 12, bend: 16 }), [
        heldBall("ball", "both", 0.07),
      ]),
    shooting: () => wheelchair(seated(arm(120, 70, 16), arm(150, 60), { tip: -4, nod: -24 }), BASKETBALL),
    "on one wheel": () =>
      wheelchair(seated(arm(80, 40, 50), arm(172, 10), { tip: -8, nod: -20, lean: 14 }), BASKETBALL, 6),
  },
  { peak: 1 },
);
export const WHEELCHAIR_RUGBY = builtFigure("length", {
  pushing: () =>
    wheelchair(seated(arm(-30, 60, 20), arm(-30, 60, 20), { tip: 24, bend: 22 }), [
      heldBall("ball", "both", 0.065),
    ]),
  hit: () => wheelchair(seated(arm(40, 60, 40), arm(40, 60, 40), { tip: 16, bend: 26 }), [], -4),
  passing: () =>
    wheelchair(seated(arm(80, 50, 20), arm(130, 40, 20), { twist: 30 }), [heldBall("ball", "right", 0.065)]),
});
const RACKET = headed(
  "racket",
  { by: "right", way: [0.6, -0.2, 0.8], behind: 0.03, before: 0.24 },
  { long: 0.1, radius: 0.07 },
);
export const WHEELCHAIR_TENNIS = builtFigure(
  "length",
  {
    "back-swing": () =>
      wheelchair(seated(arm(40, 50, 40), arm(-40, 40, 70), { twist: -40, holds: [-0.6, -0.5, 0.6] }), [
        RACKET,
      ]),
    stroke: () =>
      wheelchair(seated(arm(20, 60, 30), arm(70, 20, 20), { twist: 16, holds: [0.9, 0.2, 0.4] }), [RACKET]),
    serve: () =>
      wheelchair(seated(arm(150, 10), arm(150, 90, 30), { tip: -10, nod: -30, holds: [-0.6, 0, -0.6] }), [
        RACKET,
      ]),
  },
  { peak: 1 },
);
function racingChair(raised: number, elbow: number, tip: number, nod: number): Built {
  const placed = personAt(
    pose(leg(124, 138), leg(124, 138), arm(raised, elbow, 14), arm(raised, elbow, 14), {
      tip,
      bend: 30,
      nod,
    }),
    vec([-0.26, 0, 0.44]),
  );
  return {
    solids: [
      ...[1, -1].flatMap((side) =>
        wheel("wheel", vec([-0.22, side * 0.3, 0.35]), {
          radius: 0.35,
          tyre: 0.014,
          spokes: 0,
          axle: { x: 0, y: 0.97, z: side * 0.22 },
        }),
      ),
      ...wheel("wheel", vec([1.02, 0, 0.25]), { radius: 0.25, tyre: 0.014, spokes: 4 }),
      ...rods(
        "red",
        0.03,
        [
          [-0.3, 0, 0.36],
          [0.5, 0, 0.34],
          [1.02, 0, 0.25],
        ],
        [
          [0.62, 0.12, 0.42],
          [0.62, -0.12, 0.42],
        ],
      ),
      ...placed.solids,
      helmet(placed, "yellow"),
    ],
    face: placed.face,
  };
}
export const WHEELCHAIR_RACER = builtFigure(
  "length",
  {
    "hands on the rim": () => racingChair(-10, 60, 62, -40),
    push: () => racingChair(30, 14, 70, -44),
    recovery: () => racingChair(-56, 60, 58, -36),
  },
  { peak: 1 },
);
