/** A place on the plan: metres, x east, y north, origin at the anchor. */
export interface Point {
  /** Metres east of the anchor. */
  readonly x: number;
  /** Metres north of the anchor. */
  readonly y: number;
}

/** A place in space: metres, z up from level ground. Also used for velocities (metres per second). */
export interface Vector extends Point {
  /** Metres above level ground; for a velocity m/s, up positive. */
  readonly z: number;
}

/** A place on the plan at a height in metres. */
export const atHeight = (p: Point, z: number): Vector => ({ x: p.x, y: p.y, z });

/** Sum of two vectors. */
export const add = (a: Vector, b: Vector): Vector => ({ x: a.x + b.x, y: a.y + b.y, z: a.z + b.z });
/** The vector from `b` to `a`. */
export const subtract = (a: Vector, b: Vector): Vector => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });
/** A vector `k` times as long. */
export const scale = (a: Vector, k: number): Vector => ({ x: a.x * k, y: a.y * k, z: a.z * k });
/** Scalar product. */
export const dot = (a: Vector, b: Vector): number => a.x * b.x + a.y * b.y + a.z * b.z;
/** Length of a vector. */
export const norm = (a: Vector): number => Math.sqrt(dot(a, a));

/** Vector product. */
export const cross = (a: Vector, b: Vector): Vector => ({
  x: a.y * b.z - a.z * b.y,
  y: a.z * b.x - a.x * b.z,
  z: a.x * b.y - a.y * b.x,
});

/** Horizontal distance in metres. */
export const planDistance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y);
