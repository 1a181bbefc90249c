import { absent, cosDeg, present, sinDeg, toDegrees, toRadians, type Maybe } from "../units";
import { add, alongBearing, atHeight, cross, norm, scale, subtract, type Vector } from "../ground";
import { imageVelocity, project, type Camera, type OnSensor } from "./projection";

/** Gravity in m/s². */
export const GRAVITY = 9.80665;

/** How a point moves. Places in plan metres, velocities in m/s over the ground, times in seconds from its start. */
export type Path =
  | { readonly kind: "straight"; readonly from: Vector; readonly velocity: Vector }
  /** Level circle about a centre; `startBearing` from the centre to the point, speed positive clockwise from above. */
  | {
      readonly kind: "arc";
      readonly centre: Vector;
      /** Metres, above 0. */
      readonly radius: number;
      /** Degrees from the centre to where it begins. */
      readonly startBearing: number;
      /** m/s along the arc; negative runs anticlockwise. */
      readonly speed: number;
    }
  /** Free flight: a jump, a thrown or struck ball; air resistance left out. */
  | { readonly kind: "flight"; readonly from: Vector; readonly velocity: Vector }
  /**
   * A point that turns about a hub which itself moves: a wheel's rim, a bat's tip. `axis` is the axis of the turn (any
   * length but zero), the turn right-handed about it; `degreesPerSecond` and `phase` in degrees.
   */
  | {
      readonly kind: "turning";
      readonly hub: Exclude<Path, { kind: "turning" }>;
      readonly axis: Vector;
      /** Metres, above 0. */
      readonly radius: number;
      /** Degrees a second about the axis. */
      readonly degreesPerSecond: number;
      /** Degrees at time 0. */
      readonly phase: number;
    };

/** Where a point is, how fast it goes and how that changes. */
export interface PathState {
  readonly at: Vector;
  readonly velocity: Vector;
  readonly acceleration: Vector;
}

const STILL: Vector = { x: 0, y: 0, z: 0 };
const DOWN: Vector = { x: 0, y: 0, z: -GRAVITY };
const ZENITH: Vector = { x: 0, y: 0, z: 1 };

/** A moving point at a time in seconds from the start of its path; exact for each kind. */
export function stateOnPath(path: Path, time: number): PathState {
  switch (path.kind) {
    case "straight":
      return {
        at: add(path.from, scale(path.velocity, time)),
        velocity: path.velocity,
        acceleration: STILL,
      };
    case "flight":
      return {
        at: add(add(path.from, scale(path.velocity, time)), scale(DOWN, (time * time) / 2)),
        velocity: add(path.velocity, scale(DOWN, time)),
        acceleration: DOWN,
      };
    case "arc":
      return onArc(path, time);
    case "turning":
      return onTurn(path, time);
  }
}

function onArc(path: Extract<Path, { kind: "arc" }>, time: number): PathState {
  const { centre, radius, speed, startBearing } = path;
  const bearing = startBearing + toDegrees((speed / radius) * time);
  const out = atHeight(alongBearing(bearing), 0);
  const ahead = atHeight(alongBearing(bearing + 90), 0);
  return {
    at: add(centre, scale(out, radius)),
    velocity: scale(ahead, speed),
    acceleration: scale(out, (-speed * speed) / radius),
  };
}

function onTurn(path: Extract<Path, { kind: "turning" }>, time: number): PathState {
  const hub = stateOnPath(path.hub, time);
  const axis = scale(path.axis, 1 / norm(path.axis));
  const side = Math.abs(axis.z) > 0.999 ? { x: 0, y: 1, z: 0 } : cross(axis, ZENITH);
  const u = scale(side, 1 / norm(side));
  const v = cross(axis, u);
  const angle = path.phase + path.degreesPerSecond * time;
  const rate = toRadians(path.degreesPerSecond);
  const out = add(scale(u, cosDeg(angle)), scale(v, sinDeg(angle)));
  const ahead = cross(axis, out);
  return {
    at: add(hub.at, scale(out, path.radius)),
    velocity: add(hub.velocity, scale(ahead, path.radius * rate)),
    acceleration: add(hub.acceleration, scale(out, -path.radius * rate * rate)),
  };
}

/** How fast the image of a point on a path runs over the sensor at a time, mm/s; the camera still. */
export function imageVelocityOnPath(
  camera: Camera,
  path: Path,
  time: number,
): Maybe<OnSensor, "behind-the-camera"> {
  const { at, velocity } = stateOnPath(path, time);
  const image = imageVelocity(camera, at, velocity);
  return image ? present(image) : absent("behind-the-camera");
}

/** Straight distance in mm between the images at the two ends of an exposure centred on a time. */
export function smearOnPath(
  camera: Camera,
  path: Path,
  time: number,
  exposure: number,
): Maybe<number, "behind-the-camera"> {
  const a = project(camera, stateOnPath(path, time - exposure / 2).at);
  const b = project(camera, stateOnPath(path, time + exposure / 2).at);
  return a && b ? present(Math.hypot(b.x - a.x, b.y - a.y)) : absent("behind-the-camera");
}

/** How the camera must turn to follow a point: rad/s clockwise from above, and the change of that in rad/s². */
export interface PanTurn {
  /** rad/s, clockwise from above positive. */
  readonly rate: number;
  /** rad/s². */
  readonly change: number;
}

/** The turn that follows a point on any path, seen from a lens; level turn, by the derivative of the bearing. */
export function panOnPath(lens: Vector, path: Path, time: number): PanTurn {
  const { at, velocity: v, acceleration: a } = stateOnPath(path, time);
  const p = subtract(at, lens);
  const r2 = p.x * p.x + p.y * p.y;
  const turn = p.y * v.x - p.x * v.y;
  const turning = p.y * a.x - p.x * a.y;
  return { rate: turn / r2, change: turning / r2 - (2 * turn * (p.x * v.x + p.y * v.y)) / r2 ** 2 };
}
