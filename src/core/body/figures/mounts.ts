import { builtFigure, type Built, type Figure } from "../figure";
import type { PersonPose } from "../pose";
import { arm, leg, pose } from "../poses/pose-of";
import { ball as heldBall, headed } from "../tools";
import { ball, broad, chain, leaned, tipped, vec, wheel, type Place } from "../rigs/build";
import { fourLegged, type BeastPose } from "../rigs/four-legged";
import { gathered, landing, leaping, passing, rising, stretched, trotting, walking } from "../rigs/gaits";
import { helmet, personAt } from "../rigs/rider";
import { enlarged, moved, type Solid } from "../solid";
import { add, between, type Vec } from "../turned";
import { HORSE } from "./beasts";

// What carries people, in metres, and they on it: sizes and seats from memory.

const made = (name: string, colour: Solid["made"]) => ({ name, part: "tool" as const, made: colour });
const rods = (colour: Solid["made"], radius: number, ...lines: readonly (readonly Place[])[]): Solid[] =>
  lines.flatMap((through) => chain(made("frame", colour), through.map(vec), [radius]));

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

/** A horse in a pose, and who sits in the saddle; shoulders of 1.6 m. */
function riding(
  beast: BeastPose,
  seat: PersonPose,
  more: {
    readonly tools?: NonNullable<Parameters<typeof personAt>[2]>["tools"];
    readonly behind?: number;
    readonly high?: number;
  } = {},
): Built {
  const SHOULDERS = 1.6;
  const horse = fourLegged(HORSE, beast);
  const solids = horse.solids.map((s) => enlarged(s, SHOULDERS));
  const pitch = ((beast.pitch ?? 0) * Math.PI) / 180;
  const saddle = add(
    { x: horse.withers.x * SHOULDERS, y: 0, z: horse.withers.z * SHOULDERS },
    vec([-(more.behind ?? 0.3) * Math.cos(pitch), 0, (more.high ?? 0.06) - 0.34 * Math.sin(pitch)]),
  );
  const rider = personAt(seat, saddle, { tools: more.tools });
  const poll = solids.find((s) => s.name === "head")!;
  const rein = between(poll.from, poll.to, 0.8);
  return {
    solids: [
      ...solids,
      broad(
        { name: "saddle", made: "black" },
        [
          vec([-0.22, 0.2, -0.02]),
          vec([-0.22, -0.2, -0.02]),
          vec([0.24, 0.18, 0]),
          vec([0.24, -0.18, 0]),
        ].map((p) => add(add(saddle, p), vec([0.04, 0, -(more.high ?? 0.06) - 0.02]))),
        0.03,
      ),
      ...rider.solids,
      helmet(rider, "black"),
      ...[rider.leftHand, rider.rightHand].map(
        (hand) => chain(made("rein", "black"), [hand, rein], [0.008])[0]!,
      ),
    ],
    face: rider.face,
    off: (beast.off ?? 0) * SHOULDERS,
  };
}
const astride = (
  hip: number,
  knee: number,
  more: Partial<PersonPose> = {},
  raised = 36,
  elbow = 60,
): PersonPose =>
  pose(leg(hip, knee, -14, 26), leg(hip, knee, -14, 26), arm(raised, elbow), arm(raised, elbow), more);
const UPRIGHT_SEAT = astride(42, 70, { tip: 0 });
const LIGHT_SEAT = astride(86, 96, { tip: 44, bend: 12, nod: -34 }, 56, 44);
const OVER = { tip: 58, bend: 14, nod: -36 };
export const HORSE_CROSS_COUNTRY = builtFigure(
  "height",
  {
    galloping: () => riding(stretched({ neck: 26, face: -24, tail: 10 }), LIGHT_SEAT, { high: 0.22 }),
    "take-off": () =>
      riding(rising({ neck: 42, face: -20, tail: 10 }), astride(80, 90, { tip: 26, nod: -26 }, 60, 30), {
        high: 0.16,
      }),
    over: () =>
      riding(leaping({ neck: 20, face: -30, tail: 20 }), astride(92, 96, OVER, 70, 24), { high: 0.24 }),
    drop: () =>
      riding(
        landing({ neck: 20, face: -30, tail: 30, off: 0.1 }),
        astride(56, 60, { tip: -18, nod: 4 }, 50, 14),
        { high: 0.1 },
      ),
  },
  {
    peak: 2,
    measured: () => riding(stretched({ neck: 26, face: -24, tail: 10 }), LIGHT_SEAT, { high: 0.22 }),
  },
);
export const HORSE_JUMPING = builtFigure(
  "height",
  {
    "take-off": () =>
      riding(rising({ neck: 46, face: -26, tail: 10 }), astride(80, 90, { tip: 30, nod: -26 }, 60, 30), {
        high: 0.18,
      }),
    over: () =>
      riding(
        leaping({ neck: 12, face: -40, tail: 24 }),
        astride(96, 98, { tip: 64, bend: 14, nod: -40 }, 74, 24),
        { high: 0.26 },
      ),
    landing: () =>
      riding(
        landing({ neck: 26, face: -34, tail: 40, off: 0.04 }),
        astride(70, 80, { tip: 14, nod: -16 }, 56, 30),
        { high: 0.14 },
      ),
  },
  { peak: 1, measured: () => riding(gathered({ neck: 44, face: -36, tail: 0 }), UPRIGHT_SEAT) },
);
export const HORSE_DRESSAGE = builtFigure(
  "height",
  {
    piaffe: () =>
      riding(
        trotting({
          neck: 64,
          face: -74,
          tail: -60,
          off: 0.01,
          fore: [
            [64, -20, -10],
            [-8, -14, -4],
          ],
        }),
        UPRIGHT_SEAT,
      ),
    "extended trot": () =>
      riding(
        trotting({
          neck: 50,
          face: -60,
          tail: -40,
          fore: [
            [58, 44, 34],
            [-24, -46, -34],
          ],
        }),
        UPRIGHT_SEAT,
      ),
    halt: () => riding(walking({ neck: 58, face: -76, tail: -70 }), UPRIGHT_SEAT),
  },
  { peak: 1 },
);
const CROUCHED = astride(118, 128, { tip: 66, bend: 22, nod: -46 }, 70, 40);
export const HORSE_RACING = builtFigure(
  "height",
  {
    gathered: () =>
      riding(gathered({ neck: 24, face: -26, tail: 10 }), CROUCHED, { high: 0.36, behind: 0.2 }),
    stretched: () =>
      riding(stretched({ neck: 14, face: -20, tail: 6 }), CROUCHED, { high: 0.34, behind: 0.2 }),
    driving: () =>
      riding(
        landing({ neck: 20, face: -22, tail: 10, pitch: -4 }),
        astride(112, 122, { tip: 60, bend: 22, nod: -44 }, 92, 20),
        { high: 0.34, behind: 0.2 },
      ),
  },
  { peak: 1 },
);
const MALLET = headed(
  "mallet",
  { by: "right", way: [0.4, -0.3, -0.9], behind: 0.02, before: 0.72 },
  { long: 0.02, radius: 0.02 },
);
export const POLO_PLAYER = builtFigure(
  "height",
  {
    "wind-up": () =>
      riding(
        gathered({ neck: 40, face: -30, tail: 0 }),
        astride(70, 76, { tip: 24, lean: -18, holds: [-0.4, -0.2, 0.9] }, 130, 10),
        { tools: [MALLET], high: 0.2 },
      ),
    strike: () =>
      riding(
        stretched({ neck: 34, face: -24, tail: 6 }),
        astride(72, 80, { tip: 36, lean: -30, holds: [0.1, -0.2, -0.97] }, 40, 10),
        { tools: [MALLET], high: 0.2 },
      ),
    "follow-through": () =>
      riding(
        passing({ neck: 44, face: -30, tail: -10 }),
        astride(60, 70, { tip: 16, lean: -16, holds: [0.9, 0, 0.2] }, 90, 10),
        { tools: [MALLET], high: 0.16 },
      ),
  },
  { peak: 1, measured: () => riding(gathered({ neck: 40, face: -30, tail: 0 }), UPRIGHT_SEAT) },
);
function harness(beast: BeastPose): Built {
  const SHOULDERS = 1.55;
  const horse = fourLegged(HORSE, beast).solids.map((s) => enlarged(s, SHOULDERS));
  const driver = personAt(
    pose(leg(96, 20, -10, 14), leg(96, 20, -10, 14), arm(70, 24), arm(70, 24), { tip: -16 }),
    vec([-2.0, 0, 0.72]),
  );
  return {
    solids: [
      ...horse,
      ...[1, -1].flatMap((side) => [
        ...wheel("wheel", vec([-1.9, side * 0.6, 0.36]), { radius: 0.36, tyre: 0.014, spokes: 6 }),
        ...rods("stone", 0.02, [
          [-1.9, side * 0.5, 0.5],
          [0.5, side * 0.4, 0.9],
        ]),
        ...chain(
          made("rein", "black"),
          [side === 1 ? driver.leftHand : driver.rightHand, vec([1.7, side * 0.08, 1.75])],
          [0.008],
        ),
      ]),
      ...rods(
        "black",
        0.04,
        [
          [-2.1, 0, 0.62],
          [-1.8, 0, 0.62],
        ],
        [
          [-1.9, 0.56, 0.4],
          [-1.9, -0.56, 0.4],
        ],
      ),
      ...driver.solids,
      helmet(driver, "white"),
    ],
    face: driver.face,
  };
}
export const HARNESS_RACER: Figure = builtFigure("length", {
  trotting: () => harness(trotting({ neck: 44, face: -30, tail: -10 })),
  "other pair": () => harness(walking({ neck: 44, face: -30, tail: -10 })),
  passing: () => harness(passing({ neck: 44, face: -28, tail: -10 })),
});

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
