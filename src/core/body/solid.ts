import { cosDeg, sinDeg } from "../units";
import { add, between, dot, type Vec } from "./turned";

/** What a solid of a body belongs to: what moves with it in a picture. */
export type SolidPart = "body" | "limb" | "tool";

/** A limb or a part of a trunk: the hull of two balls, in shares of the standing height. */
export interface Solid {
  /** What it is: "left thigh". */
  readonly name: string;
  readonly part: SolidPart;
  readonly from: Vec;
  readonly to: Vec;
  /** Radius of the ball at `from`, in the same shares, 0 or more. */
  readonly fromRadius: number;
  /** Radius of the ball at `to`, in the same shares, 0 or more. */
  readonly toRadius: number;
  /** Where something swung is held. */
  readonly hub?: Vec;
  /** The ends of what it is worn over: it hides that, and is hidden with it. */
  readonly over?: readonly [Vec, Vec];
}

/** From where a body is looked at, degrees. */
export interface View {
  /** Degrees between the way it faces and the camera: 0 face on, 90 from its right side, so that it faces to the right; 180 from behind. */
  readonly turn: number;
  /** Degrees by which the camera stands above it: 0 level, 90 straight above. */
  readonly above: number;
}

/** A view as its ways in the body: to the right of the picture, up in it, and toward the camera. */
export interface Ways {
  readonly right: Vec;
  readonly up: Vec;
  readonly toward: Vec;
}

export function waysOf({ turn, above }: View): Ways {
  const [c, s, ce, se] = [cosDeg(turn), sinDeg(turn), cosDeg(above), sinDeg(above)];
  return {
    right: { x: s, y: c, z: 0 },
    up: { x: -se * c, y: se * s, z: ce },
    toward: { x: ce * c, y: -ce * s, z: se },
  };
}

/** A place of the picture, in shares of the standing height: x to the right, y up. */
export type Seen2 = readonly [x: number, y: number];

const onto = (p: Vec, { right, up }: Ways): Seen2 => [dot(p, right), dot(p, up)];

/** Points on a half circle of an outline. */
const STEPS = 9;

const arc = ([x, y]: Seen2, radius: number, from: number, to: number, steps = STEPS): Seen2[] =>
  Array.from({ length: steps + 1 }, (_, i): Seen2 => {
    const angle = from + ((to - from) * i) / steps;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/**
 * The outline of a solid from far away: the hull of two circles, exact for the hull of two balls. Where one circle lies within the other, the
 * larger one.
 */
export function outlineOf({ from, to, fromRadius, toRadius }: Solid, ways: Ways): Seen2[] {
  const [a, b] = [onto(from, ways), onto(to, ways)];
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const apart = Math.hypot(dx, dy);
  if (apart <= Math.abs(fromRadius - toRadius) + 1e-9) {
    const [middle, radius] = fromRadius > toRadius ? [a, fromRadius] : [b, toRadius];
    return arc(middle, radius, 0, 2 * Math.PI, 2 * STEPS + 4).slice(0, -1);
  }
  const heading = Math.atan2(dy, dx);
  // Where the common tangents touch: off the square by what one ball is larger.
  const touch = Math.acos((fromRadius - toRadius) / apart);
  return [
    ...arc(b, toRadius, heading - touch, heading + touch),
    ...arc(a, fromRadius, heading + touch, heading - touch + 2 * Math.PI),
  ];
}

/** What is worn lies so much before what it is worn over. */
const WORN = 1e-4;

/** How far toward the camera a solid's middle stands; what is worn stands just before what it is worn over. */
export const nearness = ({ from, to, over }: Solid, { toward }: Ways): number =>
  over ? dot(between(...over, 0.5), toward) + WORN : dot(between(from, to, 0.5), toward);

/** How far down and up, and how near and far, solids reach along a way. */
export function reachAlong(
  solids: readonly Solid[],
  way: Vec,
): { readonly least: number; readonly most: number } {
  const ends = solids.flatMap(({ from, to, fromRadius, toRadius }) => [
    [dot(from, way), fromRadius] as const,
    [dot(to, way), toRadius] as const,
  ]);
  return {
    least: Math.min(...ends.map(([at, radius]) => at - radius)),
    most: Math.max(...ends.map(([at, radius]) => at + radius)),
  };
}

/** A solid moved. */
export const moved = (solid: Solid, by: Vec): Solid => ({
  ...solid,
  from: add(solid.from, by),
  to: add(solid.to, by),
  ...(solid.hub && { hub: add(solid.hub, by) }),
  ...(solid.over && { over: [add(solid.over[0], by), add(solid.over[1], by)] as const }),
});
