import { cosDeg, sinDeg } from "../units";

/** A place or a way in space: x the way a body faces, y to its left, z up. */
export interface Vec {
  /** Forward; of a body in shares of its standing height. */
  readonly x: number;
  /** To the left, in the same shares. */
  readonly y: number;
  /** Up, in the same shares. */
  readonly z: number;
}

export const add = (a: Vec, b: Vec, times = 1): Vec => ({
  x: a.x + times * b.x,
  y: a.y + times * b.y,
  z: a.z + times * b.z,
});

export const dot = (a: Vec, b: Vec): number => a.x * b.x + a.y * b.y + a.z * b.z;

export const between = (a: Vec, b: Vec, share: number): Vec => ({
  x: a.x + share * (b.x - a.x),
  y: a.y + share * (b.y - a.y),
  z: a.z + share * (b.z - a.z),
});

const lengthOf = (a: Vec): number => Math.hypot(a.x, a.y, a.z);

/** The same way, one long; forward where there is none. */
export function unit(a: Vec): Vec {
  const length = lengthOf(a);
  return length < 1e-12 ? { x: 1, y: 0, z: 0 } : add({ x: 0, y: 0, z: 0 }, a, 1 / length);
}

/** How a part is turned: where its own forward, left and up point. */
export interface Turned {
  readonly x: Vec;
  readonly y: Vec;
  readonly z: Vec;
}

/** As the body stands: forward, left, up. */
export const UPRIGHT: Turned = {
  x: { x: 1, y: 0, z: 0 },
  y: { x: 0, y: 1, z: 0 },
  z: { x: 0, y: 0, z: 1 },
};

/** Where a way of a part's own points in the body. */
export const inBody = (t: Turned, { x, y, z }: Vec): Vec => ({
  x: x * t.x.x + y * t.y.x + z * t.z.x,
  y: x * t.x.y + y * t.y.y + z * t.z.y,
  z: x * t.x.z + y * t.y.z + z * t.z.z,
});

type Axis = "x" | "y" | "z";

/** A part turned further about one of its own axes, in degrees by the right hand. */
export function about(t: Turned, axis: Axis, degrees: number): Turned {
  const [c, s] = [cosDeg(degrees), sinDeg(degrees)];
  const turn = (a: Vec, b: Vec): readonly [Vec, Vec] => [
    add(add({ x: 0, y: 0, z: 0 }, a, c), b, s),
    add(add({ x: 0, y: 0, z: 0 }, b, c), a, -s),
  ];
  if (axis === "x") {
    const [y, z] = turn(t.y, t.z);
    return { x: t.x, y, z };
  }
  if (axis === "y") {
    const [z, x] = turn(t.z, t.x);
    return { x, y: t.y, z };
  }
  const [x, y] = turn(t.x, t.y);
  return { x, y, z: t.z };
}
