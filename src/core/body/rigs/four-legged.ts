import type { Swatch } from "../../ground";
import type { Built } from "../figure";
import { setDown, ball, bothSides, chain, hanging, vec, type Place } from "./build";
import { moved, type Solid } from "../solid";
import { about, add, inBody, UPRIGHT, type Vec } from "../turned";

/** How a beast is built, lengths against the height of its shoulders as 1. */
export interface Beast {
  /** From the shoulder to the hip, shares of the height. */
  readonly back: number;
  /** Radii of chest, belly and rump. */
  readonly trunk: readonly [chest: number, belly: number, rump: number];
  readonly neck: {
    /** Shares of the height, 0 or more. */
    readonly long: number;
    /** Radii at the shoulders and at the head. */
    readonly radii: readonly [number, number];
  };
  /** Length of the head, its radius at the skull and at the muzzle. */
  readonly head: readonly [long: number, skull: number, muzzle: number];
  /** Lengths of forearm, cannon and foot. */
  readonly fore: readonly [number, number, number];
  /** Lengths of thigh, gaskin and hind cannon with its foot. */
  readonly hind: readonly [number, number, number];
  /** Radius of the upper leg, shares of the height; it tapers to two fifths. */
  readonly leg: number;
  readonly tail: {
    /** Shares of the height, 0 or more. */
    readonly long: number;
    /** Radii at its root and at its end. */
    readonly radii: readonly [number, number];
  };
  /** Length and radius of an ear, and how far it stands up, degrees. */
  readonly ear: readonly [long: number, radius: number, up: number];
  readonly coat?: Swatch;
  /** What the legs are made of where they are not of the coat. */
  readonly legs?: Swatch;
  /** What it bears on its head: places of each side from the crown, forward, aside and up. */
  readonly horns?: {
    readonly through: readonly (readonly Place[])[];
    readonly radii: readonly number[];
    readonly made?: Swatch;
  };
  /** A mane or a ridge along the neck. */
  readonly mane?: Swatch;
}

/** Angles of a leg's bones in degrees, forward of straight down: the upper, the middle and the lower one. */
export type LegAngles = readonly [number, number, number];

/** A beast in a pose. */
export interface BeastPose {
  readonly fore: readonly [left: LegAngles, right: LegAngles];
  readonly hind: readonly [left: LegAngles, right: LegAngles];
  /** Degrees by which the back is raised toward the head. */
  readonly pitch?: number;
  /** Degrees by which the back is arched: the hips turned under it. */
  readonly arch?: number;
  /** Degrees of the neck above the level; down is below 0. */
  readonly neck: number;
  /** Degrees of the face above the level; down is below 0. */
  readonly face: number;
  /** Degrees by which the head is turned to its left. */
  readonly look?: number;
  /** Degrees of the tail above the level behind it. */
  readonly tail: number;
  /** How far its lowest point is off the ground, shares of the height, 0 or more. */
  readonly off?: number;
}

const rad = (degrees: number): number => (degrees * Math.PI) / 180;
/** A way in the plane of the body so many degrees above straight ahead. */
const ahead = (degrees: number): Vec => ({ x: Math.cos(rad(degrees)), y: 0, z: Math.sin(rad(degrees)) });

/** A four-legged beast in a pose; the rump is at the middle of its hips, and what it carries is placed by the withers. */
export function fourLegged(beast: Beast, pose: BeastPose): Built & { readonly withers: Vec } {
  const { back, trunk, neck, head, leg, coat, legs = coat, tail, ear, horns, mane } = beast;
  const { pitch = 0, arch = 0, look = 0 } = pose;
  const [chest, belly, rump] = trunk;
  const hips: Vec = { x: 0, y: 0, z: 0 };
  const loin = add(hips, ahead(pitch - arch), 0.45 * back);
  const shoulders = add(loin, ahead(pitch + arch), 0.55 * back);
  const body = { name: "trunk", made: coat };
  const breast = add(shoulders, ahead(pitch - 50), chest * 0.35);
  const poll = add(add(shoulders, ahead(pitch + 70), chest * 0.4), ahead(pose.neck), neck.long);
  const skull = about(about(UPRIGHT, "z", look), "y", -pose.face);
  const muzzle = add(poll, inBody(skull, { x: 1, y: 0, z: 0 }), head[0] - head[1] - head[2]);
  const onHead = (aheadOf: number, aside: number, up: number): Vec =>
    add(poll, inBody(skull, { x: aheadOf, y: aside, z: up }));
  const limb = (
    name: string,
    at: Vec,
    lengths: readonly number[],
    angles: LegAngles,
    stout: number,
  ): Solid[] =>
    chain({ name, part: "limb", made: legs }, hanging(at, lengths, angles), [
      leg * stout,
      leg * 0.66,
      leg * 0.42,
      leg * 0.5,
    ]);
  const solids = [
    ...chain(body, [hips, loin, shoulders, breast], [rump, belly, chest, chest * 0.86]),
    ...chain(
      { name: "neck", made: coat },
      [add(shoulders, ahead(pitch + 30), chest * 0.3), poll],
      neck.radii,
    ),
    ...(mane
      ? chain(
          { name: "mane", made: mane },
          [add(shoulders, ahead(pitch + 80), chest * 0.9), add(poll, ahead(pose.neck + 90), head[1] * 0.9)],
          [neck.radii[0] * 0.35, head[1] * 0.4],
        )
      : []),
    ...chain({ name: "head", made: coat }, [poll, muzzle], [head[1], head[2]]),
    ball(
      { name: "nose", made: "black" },
      add(muzzle, inBody(skull, { x: 1, y: 0, z: 0.25 }), head[2] * 0.8),
      head[2] * 0.4,
    ),
    ...bothSides((side) => [
      ball(
        { name: "eye", made: "black" },
        onHead(head[0] * 0.22, side * head[1] * 0.86, head[1] * 0.35),
        head[1] * 0.17,
      ),
      ...chain(
        { name: "ear", made: coat },
        [
          onHead(-head[1] * 0.4, side * head[1] * 0.6, head[1] * 0.6),
          onHead(
            -head[1] * 0.4 - ear[0] * Math.cos(rad(ear[2])),
            side * (head[1] * 0.6 + ear[0] * 0.25),
            head[1] * 0.6 + ear[0] * Math.sin(rad(ear[2])),
          ),
        ],
        [ear[1], ear[1] * 0.35],
      ),
      ...(horns?.through ?? []).flatMap((through) =>
        chain(
          { name: "horn", made: horns!.made ?? "straw" },
          through.map(([x, y, z]) => onHead(x, side * y, z)),
          horns!.radii,
        ),
      ),
    ]),
    ...chain(
      { name: "tail", made: mane ?? coat },
      [
        add(hips, ahead(180 + pitch - arch), rump * 0.7),
        add(add(hips, ahead(180 + pitch - arch), rump * 0.9), ahead(180 - pose.tail), tail.long * 0.5),
        add(add(hips, ahead(180 + pitch - arch), rump * 0.9), ahead(180 - pose.tail + 16), tail.long),
      ],
      [tail.radii[0] * 0.7, tail.radii[0], tail.radii[1]],
    ),
    ...[1, -1].flatMap((side, i) => [
      ...limb(
        "fore leg",
        add(add(shoulders, ahead(pitch - 80), chest * 0.45), vec([0, side * chest * 0.5, 0])),
        beast.fore,
        pose.fore[i]!,
        1,
      ),
      ...limb(
        "hind leg",
        add(add(hips, ahead(pitch - 80), rump * 0.25), vec([0, side * rump * 0.55, 0])),
        beast.hind,
        pose.hind[i]!,
        1.5,
      ),
    ]),
  ];
  const up = setDown(solids, pose.off ?? 0);
  return {
    solids: solids.map((s) => moved(s, up)),
    face: inBody(skull, { x: 1, y: 0, z: 0 }),
    off: pose.off,
    withers: add(add(shoulders, ahead(pitch + 90), chest), up),
  };
}
