import { toDegrees } from "../units";
import {
  atHeight,
  bearingTo,
  cross,
  distance,
  dot,
  heightAngle,
  norm,
  scale,
  subtract,
  type Point,
  type Vector,
} from "../ground";
import { intensityToward, type LampFile } from "./lm63";
import { litShare, type Direction, type Form } from "./form";

/** A lamp at a place, with its intensity toward the subject in candela. */
export interface PointLamp {
  readonly at: Vector;
  /** Candela toward the subject, 0 or more. */
  readonly candela: number;
}

/** Illuminance in lux on level ground at a place: I·cos³θ/h² for each lamp, summed. Lamps stand above the ground. */
export const groundLux = (place: Point, lamps: readonly PointLamp[]): number =>
  lamps.reduce((sum, { at, candela }) => {
    const slant = distance(atHeight(place, 0), at);
    return sum + (candela * at.z) / slant ** 3;
  }, 0);

export interface PointLampInput {
  readonly subject: Vector;
  /** From the subject to the camera. */
  readonly camera: Direction;
  readonly form: Form;
  readonly lamps: readonly PointLamp[];
  /** Reflectance of the floor 0 … 1. */
  readonly reflectance: number;
}

/** Lux on the side of a subject that the camera sees: I/d² by its form for each lamp, and half the floor's light. */
export function lampLuxOnSubject({ subject, camera, form, lamps, reflectance }: PointLampInput): number {
  const direct = lamps.reduce((sum, { at, candela }) => {
    const toLamp = { bearing: bearingTo(subject, at), height: heightAngle(subject, at) };
    return sum + (candela / distance(subject, at) ** 2) * litShare(form, toLamp, camera);
  }, 0);
  return direct + 0.5 * reflectance * groundLux(subject, lamps);
}

export interface AimedLamp {
  readonly file: LampFile;
  readonly at: Vector;
  /** The point that the lamp's axis, its 0° of the vertical angle, looks at. */
  readonly aim: Vector;
}

const UP: Vector = { x: 0, y: 0, z: 1 };
const NORTH: Vector = { x: 0, y: 1, z: 0 };

/**
 * Candela of an aimed lamp toward a place, by its file. Horizontal angle 0 lies on the upper side of the tilted lamp (on
 * the north side of one that hangs straight down), counted clockwise as seen along the axis.
 */
export function candelaToward({ file, at, aim }: AimedLamp, place: Vector): number {
  const axis = scale(subtract(aim, at), 1 / distance(at, aim));
  const ray = scale(subtract(place, at), 1 / distance(at, place));
  const vertical = toDegrees(Math.acos(Math.max(-1, Math.min(1, dot(axis, ray)))));
  const reference = Math.abs(axis.z) > 0.9999 ? NORTH : UP;
  const first = subtract(reference, scale(axis, dot(reference, axis)));
  const zero = scale(first, 1 / norm(first));
  const quarter = cross(axis, zero);
  return intensityToward(file, toDegrees(Math.atan2(dot(ray, quarter), dot(ray, zero))), vertical);
}
