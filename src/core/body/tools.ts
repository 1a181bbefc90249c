import type { PersonPose } from "./pose";
import type { Solid } from "./solid";
import { add, between, unit, type Vec } from "./turned";

/** Where on a person a tool is held. */
export interface Holding {
  readonly pose: PersonPose;
  readonly held: { readonly left: Vec; readonly right: Vec };
  readonly pelvis: Vec;
  readonly feet: { readonly left: Solid; readonly right: Solid };
}

/** What somebody holds, rides or throws, as solids on the person in its pose. */
export type Tool = (holding: Holding) => readonly Solid[];

type Way = readonly [x: number, y: number, z: number];
const vec = ([x, y, z]: Way): Vec => ({ x, y, z });

const rod = (name: string, from: Vec, to: Vec, fromRadius: number, toRadius: number, hub?: Vec): Solid => ({
  name,
  part: "tool",
  from,
  to,
  fromRadius,
  toRadius,
  ...(hub && { hub }),
});

interface Grip {
  readonly by: "left" | "right" | "both";
  /** The way it points from the hand, unless the pose says otherwise. */
  readonly way: Way;
  /** Shares of the standing height behind the hand and before it. */
  readonly behind: number;
  readonly before: number;
}

const gripped = ({ by, way, behind, before }: Grip, { held, pose }: Holding) => {
  const hub = by === "both" ? between(held.left, held.right, 0.5) : held[by];
  const along = unit(vec(pose.holds ?? way));
  return { hub, from: add(hub, along, -behind), to: add(hub, along, before) };
};

/** A shaft that is held: a javelin, a pole, a paddle. */
export const shaft =
  (name: string, grip: Grip, [fromRadius, toRadius]: readonly [number, number]): Tool =>
  (holding) => {
    const { hub, from, to } = gripped(grip, holding);
    return [rod(name, from, to, fromRadius, toRadius, hub)];
  };

/** A shaft with a head at its end: a racket, a stick, a club. */
export const headed =
  (name: string, grip: Grip, head: { readonly long: number; readonly radius: number }): Tool =>
  (holding) => {
    const { hub, from, to } = gripped(grip, holding);
    const end = add(to, unit(add(to, from, -1)), head.long);
    return [
      rod(name, from, to, 0.007, 0.007, hub),
      rod(`${name} head`, to, end, head.radius, head.radius, hub),
    ];
  };

/** A ball, a shot or a disc: in the hand, or where the pose has it. */
export const ball =
  (name: string, by: "left" | "right" | "both", radius: number): Tool =>
  ({ held, pose, pelvis }) => {
    const hand = by === "both" ? between(held.left, held.right, 0.5) : held[by];
    const at = pose.ball ? add(pelvis, vec(pose.ball)) : add(hand, { x: 0, y: 0, z: 1 }, radius * 0.8);
    return [rod(name, at, at, radius, radius)];
  };

/** A thing under each foot: skis, blades, skates. */
export const underFeet =
  (name: string, behind: number, before: number, radius: number): Tool =>
  ({ feet }) =>
    (["left", "right"] as const).map((side) => {
      const { from, to, fromRadius } = feet[side];
      const along = unit(add(to, from, -1));
      const sole = { x: 0, y: 0, z: -fromRadius };
      return rod(
        `${side} ${name}`,
        add(add(from, sole), along, -behind),
        add(add(to, sole), along, before),
        radius,
        radius,
      );
    });

/** One board under both feet, along the line from one to the other, or ahead where they stand beside each other. */
export const board =
  (name: string, beyond: number, radius: number, lies: "along" | "ahead" = "along"): Tool =>
  ({ feet: { left, right } }) => {
    const [a, b] = [between(left.from, left.to, 0.5), between(right.from, right.to, 0.5)];
    const along = lies === "ahead" ? { x: -1, y: 0, z: 0 } : unit(add(b, a, -1));
    const sole = { x: 0, y: 0, z: -left.fromRadius - radius };
    return [rod(name, add(add(a, sole), along, -beyond), add(add(b, sole), along, beyond), radius, radius)];
  };

/** A pole in each hand, pointing as the pose has it. */
export const poles =
  (name: string, way: Way, length: number): Tool =>
  ({ held, pose }) =>
    (["left", "right"] as const).map((side) =>
      rod(`${side} ${name}`, held[side], add(held[side], unit(vec(pose.holds ?? way)), length), 0.006, 0.005),
    );
