import { cross, dot, norm, scale, subtract, type Vector } from "../ground";

/** A camera at a place, aimed at a point on which it is focused. */
export interface Camera {
  readonly lens: Vector;
  readonly aim: Vector;
  /** Image distance in mm behind the lens (thin lens, focused at the aim). */
  readonly imageDistanceMm: number;
}

/** A point or a velocity on the sensor: mm or mm/s, x to the right and y up as the picture is seen. */
export interface OnSensor {
  /** mm or mm/s, to the right. */
  readonly x: number;
  /** mm or mm/s, up. */
  readonly y: number;
}

interface Axes {
  readonly right: Vector;
  readonly up: Vector;
  readonly forward: Vector;
}

const ZENITH: Vector = { x: 0, y: 0, z: 1 };
const NORTH: Vector = { x: 0, y: 1, z: 0 };

/** Axes of a level camera. Aimed straight up or down, north stands at the top of the picture. */
function axesOf(camera: Camera): Axes {
  const run = subtract(camera.aim, camera.lens);
  const forward = scale(run, 1 / norm(run));
  const vertical = Math.hypot(forward.x, forward.y) < 1e-9;
  const side = cross(forward, vertical ? NORTH : ZENITH);
  const right = scale(side, 1 / norm(side));
  return { right, up: cross(right, forward), forward };
}

/** Where a point comes to lie on the sensor; `undefined` for a point behind the camera. */
export function project(camera: Camera, point: Vector): OnSensor | undefined {
  const { right, up, forward } = axesOf(camera);
  const p = subtract(point, camera.lens);
  const depth = dot(p, forward);
  if (depth <= 0) return undefined;
  const k = camera.imageDistanceMm / depth;
  return { x: k * dot(p, right), y: k * dot(p, up) };
}

/**
 * How fast the image of a moving point runs over the sensor, in mm/s: the time derivative of the projection,
 * ẋ = b·(Ẋ/Z − X·Ż/Z²). `velocity` in m/s against the camera. `undefined` for a point behind the camera.
 */
export function imageVelocity(camera: Camera, point: Vector, velocity: Vector): OnSensor | undefined {
  const { right, up, forward } = axesOf(camera);
  const p = subtract(point, camera.lens);
  const depth = dot(p, forward);
  if (depth <= 0) return undefined;
  const approach = dot(velocity, forward) / depth;
  const k = camera.imageDistanceMm / depth;
  return {
    x: k * (dot(velocity, right) - dot(p, right) * approach),
    y: k * (dot(velocity, up) - dot(p, up) * approach),
  };
}
