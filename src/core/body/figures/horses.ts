import { builtFigure, type Built, type Figure } from "../figure";
import type { PersonPose } from "../pose";
import { arm, leg, pose } from "../poses/pose-of";
import { headed } from "../tools";
import { broad, chain, vec, wheel } from "../rigs/build";
import { fourLegged, type BeastPose } from "../rigs/four-legged";
import { gathered, landing, leaping, passing, rising, stretched, trotting, walking } from "../rigs/gaits";
import { helmet, personAt } from "../rigs/rider";
import { enlarged } from "../solid";
import { add, between } from "../turned";
import { HORSE } from "./beasts";

import { made, rods } from "./parts";

// In metres; sizes and seats from memory.

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
