import { builtFigure, type Built } from "../figure";
import type { PersonPose } from "../pose";
import { arm, leg, pose } from "../poses/pose-of";
import { ball, tipped, vec, wheel, type Place } from "../rigs/build";
import { helmet, personAt } from "../rigs/rider";
import { moved } from "../solid";
import { between } from "../turned";

import { made, rods } from "./parts";

// In metres; sizes and seats from memory.

/** Both legs on pedals a half turn apart, the right one at so many degrees of its circle from straight up. */
const pedals = (degrees: number, high = 0): readonly [PersonPose["left"], PersonPose["right"]] => {
  const at = (turn: number) => {
    const c = Math.cos((turn * Math.PI) / 180);
    return leg(64 + 30 * c - high, 72 + 42 * c, 10 - 20 * c);
  };
  return [at(degrees + 180), at(degrees)];
};

interface Bicycle {
  readonly wheels?: number;
  readonly spokes?: number;
  readonly tyre?: number;
  readonly seat: Place;
  readonly disc?: boolean;
}

/** A bicycle with its cranks at the same angle, and who rides it. */
function cycling(
  rider: PersonPose,
  { wheels = 0.34, spokes = 5, tyre = 0.016, seat, disc = false }: Bicycle,
  crank: number,
  off = 0,
  pitch = 0,
): Built {
  const [back, front] = [vec([-0.42, 0, wheels]), vec([0.58, 0, wheels])];
  const bottom: Place = [0, 0, wheels - 0.06];
  const [c, s] = [Math.cos((crank * Math.PI) / 180), Math.sin((crank * Math.PI) / 180)];
  const placed = personAt(rider, vec(seat));
  const bars = between(placed.leftHand, placed.rightHand, 0.5);
  const head: Place = [0.44, 0, wheels + 0.5];
  const solids = [
    ...wheel("wheel", back, { radius: wheels, tyre, spokes: disc ? 0 : spokes }),
    ...(disc
      ? [
          {
            ...ball(made("disc wheel", "black"), back, wheels * 0.9),
            ring: { axle: vec([0, 1, 0]), radius: wheels * 0.46 },
            fromRadius: wheels * 0.44,
            toRadius: wheels * 0.44,
          },
        ]
      : []),
    ...wheel("wheel", front, { radius: wheels, tyre, spokes }),
    ...rods(
      "red",
      0.018,
      [bottom, [-0.14, 0, wheels + 0.46]],
      [bottom, [0.48, 0, wheels + 0.34]],
      [[-0.12, 0, wheels + 0.42], head],
      [bottom, [-0.42, 0, wheels]],
      [
        [-0.42, 0, wheels],
        [-0.12, 0, wheels + 0.42],
      ],
      [head, [0.58, 0, wheels]],
    ),
    ...rods(
      "black",
      0.016,
      [
        [-0.16, 0, wheels + 0.5],
        [-0.02, 0, wheels + 0.52],
      ],
      [head, [bars.x, 0, bars.z]],
      [
        [bars.x, -0.2, bars.z],
        [bars.x, 0.2, bars.z],
      ],
      [
        [-0.17 * s, 0.06, bottom[2] - 0.17 * c],
        [0.17 * s, -0.06, bottom[2] + 0.17 * c],
      ],
    ),
    ...placed.solids,
    helmet(placed),
  ];
  return { solids: tipped(solids, pitch), face: placed.face, off };
}

const onBars = (
  crank: number,
  { tip = 52, bend = 22, raised = 78, elbow = 22, nod = -40, high = 0, roll = 0, look = 0 } = {},
): PersonPose => {
  const [left, right] = pedals(crank, high);
  return pose(left, right, arm(raised, elbow), arm(raised, elbow), { tip, bend, nod, roll, look });
};

const ROAD = { seat: [-0.14, 0, 0.98] as Place };
export const ROAD_CYCLIST = builtFigure("length", {
  "in the saddle": () => cycling(onBars(20), ROAD, 20),
  "out of the saddle": () =>
    cycling(
      onBars(110, { tip: 44, bend: 24, raised: 66, elbow: 30, high: 26 }),
      { seat: [0.02, 0, 1.1] },
      110,
    ),
  "on the drops": () => cycling(onBars(200, { tip: 60, bend: 28, raised: 86, elbow: 30 }), ROAD, 200),
  "arms raised": () =>
    cycling(pose(...pedals(90), arm(170, 10, 24), arm(170, 10, 24), { tip: 10, nod: -6 }), ROAD, 90),
});
const TRACK = { seat: [-0.1, 0, 0.98] as Place, disc: true };
export const TRACK_CYCLIST = builtFigure(
  "length",
  {
    "standing start": () =>
      cycling(
        onBars(80, { tip: 50, bend: 20, raised: 70, elbow: 10, high: 20 }),
        { ...TRACK, seat: [0.02, 0, 1.08] },
        80,
      ),
    low: () => cycling(onBars(150, { tip: 64, bend: 30, raised: 96, elbow: 70, nod: -50 }), TRACK, 150),
    lunge: () =>
      cycling(
        onBars(200, { tip: 62, bend: 26, raised: 112, elbow: 4, nod: -40 }),
        { ...TRACK, seat: [-0.34, 0, 0.98] },
        200,
      ),
  },
  { peak: 1 },
);
const MOUNTAIN = { seat: [-0.1, 0, 1.06] as Place, tyre: 0.03 };
const crouched = (tip: number, more: Partial<PersonPose> = {}): PersonPose =>
  pose(leg(66, 62, 4), leg(48, 58, 4), arm(80, 56, 20), arm(80, 56, 20), {
    tip,
    bend: 20,
    nod: -40,
    ...more,
  });
export const MOUNTAIN_BIKER = builtFigure(
  "length",
  {
    climbing: () => cycling(onBars(40, { tip: 42, bend: 20 }), { ...MOUNTAIN, seat: [-0.14, 0, 0.98] }, 40),
    drop: () => cycling(crouched(56), { ...MOUNTAIN, seat: [-0.4, 0, 1.02] }, 90, 0.3, -24),
    jump: () => cycling(crouched(46), MOUNTAIN, 90, 1.1, 14),
    corner: () => cycling(crouched(50, { roll: 20, look: 20 }), MOUNTAIN, 90),
  },
  { peak: 2 },
);
const BMX = { wheels: 0.25, tyre: 0.026, seat: [-0.06, 0, 1.0] as Place };
export const BMX_RIDER = builtFigure(
  "length",
  {
    gate: () => cycling(crouched(50), { ...BMX, seat: [-0.2, 0, 0.98] }, 60),
    jump: () => cycling(crouched(34), BMX, 90, 1.5, 16),
    turned: () => cycling(crouched(40, { look: 50, twist: 30 }), BMX, 90, 1.2, 44),
  },
  { peak: 1 },
);
export const CYCLOCROSS_RIDER = builtFigure("length", {
  riding: () => cycling(onBars(60, { tip: 46, bend: 20 }), { ...ROAD, tyre: 0.022 }, 60),
  carrying: () => {
    const runner = personAt(
      pose(leg(60, 90), leg(-18, 15, 30), arm(-50, 90), arm(70, 96, 20), { tip: 10 }),
      vec([0, 0, 0.95]),
    );
    const bike = tipped(
      cycling(onBars(0), ROAD, 0).solids.filter((s) => s.part === "tool"),
      14,
    ).map((s) => moved(s, vec([-0.05, -0.24, 0.62])));
    return { solids: [...runner.solids, helmet(runner), ...bike], face: runner.face, off: 0.04 };
  },
  "over the boards": () =>
    cycling(crouched(36), { ...ROAD, tyre: 0.022, seat: [-0.1, 0, 1.12] }, 90, 0.4, 12),
});
