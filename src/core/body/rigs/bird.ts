import type { Swatch } from "../../ground";
import type { Built } from "../figure";
import { enlarged, moved, turnedWith, type Solid } from "../solid";
import { about, add, between, inBody, UPRIGHT, type Vec } from "../turned";
import { ball, bothSides, broad, chain, setDown, vec } from "./build";

/** How a bird is built, lengths against its body from breast to rump as 1. */
export interface Bird {
  /** Radii of breast, belly and rump. */
  readonly trunk: readonly [breast: number, belly: number, rump: number];
  readonly neck: {
    /** Shares of the body, 0 or more. */
    readonly long: number;
    /** Radii at the breast and at the head. */
    readonly radii: readonly [number, number];
  };
  /** Radius, shares of the body. */
  readonly head: number;
  /** Length of the bill, its radius, and how far its tip hooks down. */
  readonly bill: readonly [long: number, radius: number, hook: number];
  /** Lengths of thigh and tarsus, and radius of the tarsus. */
  readonly legs: readonly [thigh: number, tarsus: number, radius: number];
  /** Length of the tail and half its breadth at the end. */
  readonly tail: readonly [long: number, half: number];
  readonly wing: {
    /** From shoulder to tip of one wing, shares of the body. */
    readonly long: number;
    /** Its breadth at the body, in the same shares. */
    readonly broad: number;
    /** Fingers at its tip, 0 or more. */
    readonly fingers?: number;
  };
  readonly coat: Swatch;
  readonly under?: Swatch;
  readonly wings?: Swatch;
  readonly bare?: Swatch;
  /** A face round as a disc, with both eyes ahead. */
  readonly disc?: boolean;
  /** Feathers that stand up on the crown: shares of the body. */
  readonly crest?: number;
}

/** Wings spread. */
export interface WingPose {
  /** Degrees by which the arm is raised; below 0 it is lowered. */
  readonly arm: number;
  /** The same of the hand. */
  readonly hand: number;
  /** Degrees by which the hand is swept, 0 straight out … 90 straight back. */
  readonly sweep?: number;
  /** Share 0 … 1 of the wing that is open. */
  readonly open?: number;
}

/** A bird in a pose. */
export interface BirdPose {
  /** Degrees by which the body is raised toward the breast: 0 level, 90 upright. */
  readonly pitch: number;
  /** Degrees by which it is rolled to its right. */
  readonly roll?: number;
  /** Degrees of the lower and the upper half of the neck above the level. */
  readonly neck: readonly [lower: number, upper: number];
  /** Degrees of the bill above the level. */
  readonly bill: number;
  /** Degrees by which the head is turned to its left. */
  readonly look?: number;
  /** Folded when left out. */
  readonly wings?: WingPose;
  /** Degrees of the tail against the body, up above 0. */
  readonly tail?: number;
  /** How far the tail is spread, 0 … 1. */
  readonly fan?: number;
  /** How the legs are: on the ground, drawn up, trailing behind or reaching ahead. */
  readonly legs: "standing" | "drawn up" | "trailing" | "reaching";
  /** How far its lowest point is off the ground, shares of the body, 0 or more. */
  readonly off?: number;
  /** Height of the middle of the body over the water that it swims in, shares of the body. */
  readonly afloat?: number;
}

const rad = (degrees: number): number => (degrees * Math.PI) / 180;
const ahead = (degrees: number): Vec => ({ x: Math.cos(rad(degrees)), y: 0, z: Math.sin(rad(degrees)) });

/** One wing as two flat pieces and its fingers, from its shoulder: how far along it, how far raised, how far behind its leading edge. */
function openWing(
  bird: Bird,
  shoulder: Vec,
  side: 1 | -1,
  { arm, hand, sweep = 12, open = 1 }: WingPose,
): Solid[] {
  const { long, broad: breadth, fingers = 0 } = bird.wing;
  const made = bird.wings ?? bird.coat;
  const piece = { name: side === 1 ? "left wing" : "right wing", part: "wing" as const, made, hub: shoulder };
  const out = (from: Vec, along: number, back: number, raised: number): Vec =>
    add(from, {
      x: -back,
      y: side * along * Math.cos(rad(raised)),
      z: along * Math.sin(rad(raised)),
    });
  const reach = long * open;
  const wrist = out(shoulder, reach * 0.46, -breadth * 0.16, arm);
  const elbow = out(shoulder, reach * 0.24, breadth * 0.06, arm);
  const trail = [
    out(shoulder, 0, breadth * 0.94, arm),
    out(shoulder, reach * 0.44, breadth * 0.78, arm),
  ] as const;
  const tipAlong = reach * 0.54 * Math.cos(rad(sweep));
  const tipBack = reach * 0.54 * Math.sin(rad(sweep));
  const tip = out(wrist, tipAlong, tipBack, hand);
  const handTrail = out(wrist, tipAlong * 0.5, tipBack * 0.5 + breadth * 0.66, hand);
  const thick = breadth * 0.035;
  return [
    broad(piece, [shoulder, elbow, wrist, trail[1], trail[0]], thick),
    broad(
      piece,
      fingers > 0
        ? [
            wrist,
            between(wrist, tip, 0.62),
            out(between(wrist, tip, 0.62), 0, breadth * 0.4, hand),
            handTrail,
            trail[1],
          ]
        : [wrist, between(wrist, tip, 0.55), tip, handTrail, trail[1]],
      thick,
    ),
    ...Array.from({ length: fingers }, (_, i) => {
      const from = add(between(wrist, tip, 0.58), { x: -breadth * 0.1 * i, y: 0, z: 0 });
      return chain(
        piece,
        [
          from,
          add(add(tip, { x: -breadth * (0.02 + 0.16 * i), y: 0, z: 0 }), {
            x: 0,
            y: -side * long * 0.025 * i * i,
            z: 0,
          }),
        ],
        [breadth * 0.075, breadth * 0.04],
      )[0]!;
    }),
    ...chain(piece, [shoulder, elbow, wrist], [breadth * 0.09, breadth * 0.07, breadth * 0.045]),
  ];
}

/** A wing laid along the side. */
const foldedWing = (bird: Bird, side: 1 | -1): Solid[] => {
  const [breast, belly] = bird.trunk;
  const piece = {
    name: side === 1 ? "left wing" : "right wing",
    part: "wing" as const,
    made: bird.wings ?? bird.coat,
  };
  const y = side * Math.max(breast, belly) * 0.78;
  return chain(
    piece,
    [vec([0.34, y, breast * 0.3]), vec([-0.06, y * 1.06, belly * 0.14]), vec([-0.72, y * 0.3, -0.02])],
    [belly * 0.42, belly * 0.46, 0.03],
  );
};

/** A bird in a pose; x = 0 is the middle of its body. */
export function bird(built: Bird, pose: BirdPose): Built {
  const { trunk, neck, head, bill, tail, coat, under = coat, bare = "straw" } = built;
  const [breast, belly, rump] = trunk;
  const body = about(about(UPRIGHT, "x", -(pose.roll ?? 0)), "y", -pose.pitch);
  const own = (at: Vec): Vec => inBody(body, at);
  const front = own(vec([0.36, 0, 0.02]));
  const neckFrom = own(vec([0.42, 0, breast * 0.35]));
  const neckMiddle = add(neckFrom, ahead(pose.neck[0]), neck.long / 2);
  const poll = add(neckMiddle, ahead(pose.neck[1]), neck.long / 2);
  const skull = about(about(UPRIGHT, "z", pose.look ?? 0), "y", -pose.bill);
  const onHead = (x: number, y: number, z: number): Vec => add(poll, inBody(skull, vec([x, y, z])));
  const coated = { name: "body", made: coat };
  const spread = pose.fan ?? 0.4;
  const tailWay = (side: number): Vec =>
    own(add(vec([-0.5, side * tail[1] * (0.3 + 0.7 * spread), 0]), ahead(180 - (pose.tail ?? 0)), tail[0]));
  const solids: Solid[] = [
    ...chain(
      { name: "belly", made: under },
      [own(vec([0.24, 0, -breast * 0.1])), own(vec([-0.16, 0, -belly * 0.1]))],
      [breast * 0.97, belly * 0.97],
    ),
    ...chain(
      coated,
      [front, own(vec([0.12, 0, 0.01])), own(vec([-0.14, 0, 0])), own(vec([-0.46, 0, 0]))],
      [breast * 0.86, breast, belly, rump],
    ),
    broad(
      { name: "tail", made: built.wings ?? coat },
      [own(vec([-0.44, rump * 0.4, 0])), own(vec([-0.44, -rump * 0.4, 0])), tailWay(1), tailWay(-1)],
      0.02,
    ),
    ...chain(
      { name: "neck", made: coat },
      [neckFrom, neckMiddle, poll],
      [neck.radii[0], (neck.radii[0] + neck.radii[1]) / 2, neck.radii[1]],
    ),
    ball({ name: "head", made: coat }, poll, head),
    ...(built.disc ? [ball({ name: "face", made: under }, onHead(head * 0.3, 0, 0), head * 0.86)] : []),
    ...(built.crest
      ? chain(
          { name: "crest", made: coat },
          [
            onHead(-head * 0.4, 0, head * 0.6),
            onHead(-head - built.crest, 0, head * 0.9 + built.crest * 0.5),
          ],
          [head * 0.3, head * 0.08],
        )
      : []),
    ...chain(
      { name: "bill", made: bare },
      [
        onHead(head * 0.7, 0, -head * 0.12),
        onHead(head + bill[0] * 0.6, 0, -head * 0.16),
        onHead(head + bill[0], 0, -head * 0.16 - bill[2]),
      ],
      [bill[1], bill[1] * 0.75, bill[1] * 0.25],
    ),
    ...bothSides((side) => [
      ball(
        { name: "eye", made: "black" },
        built.disc
          ? onHead(head * 0.92, side * head * 0.36, head * 0.2)
          : onHead(head * 0.42, side * head * 0.82, head * 0.22),
        head * 0.17,
      ),
      ...(pose.wings
        ? openWing(built, vec([0.3, side * breast * 0.75, breast * 0.45]), side, pose.wings)
        : foldedWing(built, side)
      ).map((s) => turnedWith(s, body)),
      ...legOf(built, pose, own, side),
    ]),
  ];
  const up = pose.afloat === undefined ? setDown(solids, pose.off ?? 0) : vec([0, 0, pose.afloat]);
  const placed = solids.map((s) => moved(s, up));
  return {
    solids: placed,
    face: inBody(skull, vec([1, 0, 0])),
    off: pose.afloat === undefined ? pose.off : "as built",
  };
}

function legOf(
  { trunk, legs: [thigh, tarsus, radius], bare = "straw" }: Bird,
  { legs, pitch }: BirdPose,
  own: (at: Vec) => Vec,
  side: 1 | -1,
): Solid[] {
  if (legs === "drawn up") return [];
  const piece = { name: side === 1 ? "left leg" : "right leg", part: "limb" as const, made: bare };
  const hip = own(vec([-0.06, side * trunk[1] * 0.42, -trunk[1] * 0.72]));
  if (legs === "trailing") {
    const foot = own(vec([-0.5 - tarsus, side * 0.05, -trunk[2] * 0.4]));
    return chain(
      piece,
      [own(vec([-0.4, side * 0.06, -trunk[2] * 0.5])), foot, add(foot, own(vec([-0.16, 0, -0.02])))],
      [radius * 1.4, radius, radius * 0.8],
    );
  }
  if (legs === "reaching") {
    const knee = add(hip, ahead(pitch - 40), thigh);
    const foot = add(knee, ahead(-32), tarsus);
    return [
      ...chain(piece, [hip, knee, foot], [radius * 2, radius, radius]),
      ...[-14, -60].flatMap((way) =>
        chain(piece, [foot, add(foot, ahead(way), 0.13 + radius)], [radius * 0.9, radius * 0.5]),
      ),
    ];
  }
  // Under the breast, where it balances.
  const knee = add(hip, vec([0.12 * Math.cos(rad(pitch)), 0, -thigh]));
  const foot = add(knee, vec([0.02, 0, -tarsus]));
  const toe = 0.16 + radius;
  return [
    ...chain(piece, [hip, knee, foot], [radius * 2.2, radius, radius]),
    ...[
      [1, 0],
      [0.7, 0.6],
      [0.7, -0.6],
      [-0.6, 0],
    ].flatMap(([x, y]) =>
      chain(piece, [foot, add(foot, vec([x! * toe, y! * toe, 0]))], [radius, radius * 0.6]),
    ),
  ];
}

/** Several of one kind beside and behind each other: a flock; places in lengths of one body. */
export const flockOf = (
  one: Built,
  places: readonly (readonly [x: number, y: number, z: number, size: number])[],
): Built => ({
  ...one,
  solids: places.flatMap(([x, y, z, size]) =>
    one.solids.map((s) => moved(enlarged(s, size), vec([x, y, z]))),
  ),
});
