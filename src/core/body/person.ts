import type { ArmPose, LegPose, PersonPose } from "./pose";
import type { Solid } from "./solid";
import { moved, reachAlong } from "./solid";
import { aboveWater } from "./water";
import { about, add, between, inBody, unit, UPRIGHT, type Turned, type Vec } from "./turned";
import type { Headgear } from "./poses/pose-of";
import type { Tool } from "./tools";

/** Lengths in shares of the standing height (Drillis and Contini 1966, from memory). */
export const LENGTHS = {
  headAndNeck: 0.182,
  shoulders: 0.259,
  hips: 0.191,
  upperArm: 0.186,
  forearm: 0.146,
  hand: 0.108,
  thigh: 0.245,
  shank: 0.246,
  foot: 0.152,
  ankle: 0.039,
  trunk: 0.288,
} as const;

/** Radii of the flesh about the bones, in the same shares (handbooks of anatomy for artists, from memory). */
const R = {
  hips: 0.062,
  waist: 0.056,
  chest: 0.062,
  shoulder: 0.044,
  neck: 0.03,
  skull: 0.052,
  chin: 0.036,
  upperArm: [0.037, 0.029],
  forearm: [0.029, 0.02],
  hand: [0.02, 0.015],
  thigh: [0.059, 0.04],
  shank: [0.042, 0.025],
  foot: [0.024, 0.016],
} as const;

/** How much of the thigh shorts cover, and how loose they are. */
const SHORTS = 0.55;
const LOOSE = 1.07;

const ZERO: Vec = { x: 0, y: 0, z: 0 };
const DOWN: Vec = { x: 0, y: 0, z: -1 };
const AHEAD: Vec = { x: 1, y: 0, z: 0 };

/** A person in a pose: its solids in shares of the standing height, standing on z = 0 or off it. */
export interface PosedPerson {
  readonly solids: readonly Solid[];
  /** Which way the face looks. */
  readonly face: Vec;
  readonly rightHand: Vec;
  readonly leftHand: Vec;
}

const solid = (
  name: string,
  part: Solid["part"],
  [from, to]: readonly [Vec, Vec],
  [fromRadius, toRadius]: readonly [number, number],
): Solid => ({ name, part, from, to, fromRadius, toRadius });

/** A limb's first bone: bent forward, opened aside from there, turned about itself; `side` 1 is the left. */
const limbTurned = (from: Turned, side: 1 | -1, bent: number, aside: number, turned: number): Turned =>
  about(about(about(from, "y", -bent), "x", side * aside), "z", side * turned);

function leg(pelvis: Turned, heading: Turned, hip: Vec, side: 1 | -1, pose: LegPose): Solid[] {
  const name = side === 1 ? "left" : "right";
  const thigh = limbTurned(pelvis, side, pose.hip, pose.aside ?? 0, pose.turned ?? 0);
  const knee = add(hip, inBody(thigh, DOWN), LENGTHS.thigh);
  const shank = about(thigh, "y", pose.knee);
  const ankle = add(knee, inBody(shank, DOWN), LENGTHS.shank);
  const sole = pose.level ? heading : about(shank, "y", pose.toes ?? 0);
  const under = add(ankle, inBody(sole, DOWN), LENGTHS.ankle - R.foot[0]);
  const heel = add(under, inBody(sole, AHEAD), -0.03);
  const toes = add(under, inBody(sole, AHEAD), LENGTHS.foot - 0.055);
  return [
    solid(`${name} thigh`, "limb", [hip, knee], R.thigh),
    {
      ...solid(
        `${name} shorts`,
        "limb",
        [hip, between(hip, knee, SHORTS)],
        [R.thigh[0] * LOOSE, (R.thigh[0] + (R.thigh[1] - R.thigh[0]) * SHORTS) * LOOSE],
      ),
      over: [hip, knee],
    },
    solid(`${name} shank`, "limb", [knee, ankle], R.shank),
    solid(`${name} foot`, "limb", [heel, toes], R.foot),
  ];
}

function arm(chest: Turned, shoulder: Vec, side: 1 | -1, pose: ArmPose) {
  const name = side === 1 ? "left" : "right";
  const upper = limbTurned(chest, side, pose.raised, pose.aside ?? 0, pose.turned ?? 0);
  const elbow = add(shoulder, inBody(upper, DOWN), LENGTHS.upperArm);
  const lower = about(upper, "y", -pose.elbow);
  const wrist = add(elbow, inBody(lower, DOWN), LENGTHS.forearm);
  const hand = add(wrist, inBody(lower, DOWN), 0.7 * LENGTHS.hand);
  return {
    hand: between(wrist, hand, 0.6),
    solids: [
      solid(`${name} upper arm`, "limb", [shoulder, elbow], R.upperArm),
      solid(`${name} forearm`, "limb", [elbow, wrist], R.forearm),
      solid(`${name} hand`, "limb", [wrist, hand], R.hand),
    ],
  };
}

/** A trunk that is broad from the front and thin from the side: two flanks, a belt of hips and one of shoulders. */
function trunk(
  hips: Turned,
  chest: Turned,
  pelvis: Vec,
  neck: Vec,
  [left, right]: readonly [Vec, Vec],
): Solid[] {
  const ribOf = (shoulder: Vec): Vec => add(between(neck, shoulder, 0.5), inBody(chest, DOWN), 0.06);
  const flank = (side: 1 | -1, shoulder: Vec): Solid => {
    const hip = add(pelvis, inBody(hips, { x: 0, y: side * 0.04, z: 0.045 }));
    const rib = ribOf(shoulder);
    return solid(side === 1 ? "left flank" : "right flank", "body", [hip, rib], [R.waist, R.chest]);
  };
  const belt = (y: number): Vec => add(pelvis, inBody(hips, { x: 0, y, z: 0 }));
  return [
    solid("hips", "body", [belt(0.04), belt(-0.04)], [R.hips, R.hips]),
    flank(1, left),
    flank(-1, right),
    solid("ribs", "body", [ribOf(left), ribOf(right)], [R.chest, R.chest]),
    solid(
      "shoulders",
      "body",
      [between(neck, left, 0.75), between(neck, right, 0.75)],
      [R.shoulder, R.shoulder],
    ),
  ];
}

/**
 * A person in a pose, from the hips outward: each bone is turned against the one before it. What it holds comes with it. It is set down on
 * z = 0, or so far off it as the pose has it; x = 0 and y = 0 are the middle of the hips.
 */
export function posedPerson(pose: PersonPose, tools: readonly Tool[] = [], headgear?: Headgear): PosedPerson {
  const heading = about(UPRIGHT, "z", pose.yaw ?? 0);
  const hips = about(about(heading, "y", pose.tip ?? 0), "x", -(pose.roll ?? 0));
  const back = about(about(about(hips, "z", pose.twist ?? 0), "y", pose.bend ?? 0), "x", -(pose.lean ?? 0));
  const pelvis = ZERO;
  // The lower half of the back goes with the hips, the upper with the chest.
  const waist = add(pelvis, inBody(hips, { x: 0, y: 0, z: 1 }), 0.4 * LENGTHS.trunk);
  const neck = add(waist, inBody(back, { x: 0, y: 0, z: 1 }), 0.6 * LENGTHS.trunk);
  const across = (turned: Turned, at: Vec, y: number): Vec => add(at, inBody(turned, { x: 0, y, z: 0 }));
  const shoulders = [1, -1].map((side) =>
    across(back, add(neck, inBody(back, DOWN), 0.03), (side * 0.8 * LENGTHS.shoulders) / 2),
  ) as [Vec, Vec];
  const hipJoints = [1, -1].map((side) => across(hips, pelvis, (side * 0.52 * LENGTHS.hips) / 2)) as [
    Vec,
    Vec,
  ];
  const skull = about(about(back, "y", pose.nod ?? 0), "z", pose.look ?? 0);
  const chin = add(add(neck, inBody(back, { x: 0, y: 0, z: 1 }), 0.062), inBody(skull, AHEAD), 0.012);
  const crown = add(chin, inBody(skull, { x: 0, y: 0, z: 1 }), LENGTHS.headAndNeck - 0.062 - R.skull - 0.004);
  const nose = add(between(chin, crown, 0.32), inBody(skull, AHEAD), 0.05);
  const leftArm = arm(back, shoulders[0], 1, pose.leftArm);
  const rightArm = arm(back, shoulders[1], -1, pose.rightArm);
  const held = { left: leftArm.hand, right: rightArm.hand };
  const onHead = (x: number, y: number, z: number): Vec =>
    add(between(chin, crown, 0.5), inBody(skull, { x, y, z }));
  const flesh: Solid[] = [
    ...leg(hips, heading, hipJoints[0], 1, pose.left),
    ...leg(hips, heading, hipJoints[1], -1, pose.right),
    ...trunk(hips, back, pelvis, neck, shoulders),
    solid("neck", "body", [neck, chin], [R.neck, R.neck]),
    solid("head", "body", [chin, crown], [R.chin, R.skull]),
    solid(
      "hair",
      "body",
      [
        add(between(chin, crown, 0.55), inBody(skull, AHEAD), -0.016),
        add(crown, inBody(skull, { x: -0.006, y: 0, z: 0.007 })),
      ],
      [R.skull * 0.98, R.skull * 1.02],
    ),
    ...[1, -1].map((side) => {
      const at = add(between(chin, crown, 0.5), inBody(skull, { x: 0.042, y: side * 0.019, z: 0.004 }));
      return {
        ...solid(side === 1 ? "left eye" : "right eye", "body", [at, at], [0.0085, 0.0085]),
        made: "black" as const,
      };
    }),
    solid("nose", "body", [between(chin, crown, 0.4), nose], [0.012, 0.008]),
    ...(headgear ? headgearOf(headgear, onHead) : []),
    ...numberOn(back, neck),
    ...leftArm.solids,
    ...rightArm.solids,
  ];
  const solids = [
    ...flesh,
    ...(pose.letGo ? [] : tools).flatMap((tool) => tool({ pose, held, pelvis, feet: feetOf(flesh) })),
  ];
  const { least } = reachAlong(flesh, UPRIGHT.z);
  const up = { x: 0, y: 0, z: pose.afloat ?? (pose.off ?? 0) - least };
  const placed = solids.map((s) => moved(s, up));
  return {
    solids:
      pose.afloat === undefined
        ? placed.map((s) => (s.part === "tool" ? onGround(s) : s))
        : aboveWater(placed),
    face: unit(inBody(skull, AHEAD)),
    leftHand: add(held.left, up),
    rightHand: add(held.right, up),
  };
}

/** What is worn on the head, by its places about the middle of the head. */
function headgearOf(headgear: Headgear, onHead: (x: number, y: number, z: number) => Vec): Solid[] {
  const dome = solid(
    "helmet",
    "body",
    [onHead(-0.022, 0, 0.014), onHead(-0.01, 0, 0.05)],
    [R.skull * 1.02, R.skull * 1.12],
  );
  if (headgear === "helmet") return [dome];
  if (headgear === "cap")
    return [
      solid(
        "cap",
        "body",
        [onHead(-0.01, 0, 0.04), onHead(0.002, 0, 0.05)],
        [R.skull * 1.06, R.skull * 1.06],
      ),
      {
        ...solid("peak", "body", [onHead(0.04, 0.026, 0.045), onHead(0.04, -0.026, 0.045)], [0.008, 0.008]),
        further: [onHead(0.095, 0.014, 0.036), onHead(0.095, -0.014, 0.036)],
      },
    ];
  const bar = (z: number): Solid[] =>
    [
      [onHead(0.03, 0.055, z), onHead(0.078, 0, z)],
      [onHead(0.078, 0, z), onHead(0.03, -0.055, z)],
    ].map((ends) => ({
      ...solid("bar", "body", ends as [Vec, Vec], [0.005, 0.005]),
      made: "black" as const,
    }));
  return [dome, ...bar(0), ...bar(-0.026), ...bar(-0.052)];
}

/** A number on the back: a seven, of two strokes. */
function numberOn(back: Turned, neck: Vec): Solid[] {
  const at = (y: number, z: number): Vec => add(neck, inBody(back, { x: -0.062, y, z }));
  const stroke = (from: Vec, to: Vec): Solid => ({
    ...solid("number", "body", [from, to], [0.009, 0.009]),
    made: "white",
  });
  return [stroke(at(0.03, -0.05), at(-0.03, -0.05)), stroke(at(-0.03, -0.05), at(0.008, -0.135))];
}

/** What is held and would stand in the ground ends on it. */
const onGround = (tool: Solid): Solid => ({
  ...tool,
  from: { ...tool.from, z: Math.max(tool.from.z, tool.fromRadius) },
  to: { ...tool.to, z: Math.max(tool.to.z, tool.toRadius) },
});

/** Heel and toes of either foot. */
const feetOf = (flesh: readonly Solid[]): { readonly left: Solid; readonly right: Solid } => ({
  left: flesh.find((s) => s.name === "left foot")!,
  right: flesh.find((s) => s.name === "right foot")!,
});
