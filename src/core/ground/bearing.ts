import { asBearing, cosDeg, sinDeg, toDegrees } from "../units";
import { norm, planDistance, subtract, type Point, type Vector } from "./vector";

/** Bearing in degrees from one place to another; 0 when the two coincide. */
export const bearingTo = (from: Point, to: Point): number =>
  from.x === to.x && from.y === to.y ? 0 : asBearing(toDegrees(Math.atan2(to.x - from.x, to.y - from.y)));

/** Unit step on the plan along a bearing. */
export const alongBearing = (bearingDeg: number): Point => ({ x: sinDeg(bearingDeg), y: cosDeg(bearingDeg) });

/** Velocity in m/s of something level that heads along a bearing. */
export function levelVelocity(bearingDeg: number, speed: number): Vector {
  const step = alongBearing(bearingDeg);
  return { x: step.x * speed, y: step.y * speed, z: 0 };
}

/** Angle above (+) or below (−) the horizontal at which `to` is seen from `from`, −90 … 90 degrees. */
export const heightAngle = (from: Vector, to: Vector): number =>
  toDegrees(Math.atan2(to.z - from.z, planDistance(from, to)));

/** Straight distance in metres. */
export const distance = (a: Vector, b: Vector): number => norm(subtract(a, b));
