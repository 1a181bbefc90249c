import { angleBetween } from "../units";
import { bearingTo, distance, heightAngle, type Point, type Vector } from "../ground";
import { cylinderShare } from "./subject-light";

/** A lamp at a place, with its intensity toward the subject in candela. */
export interface PointLamp {
  readonly at: Vector;
  readonly candela: number;
}

/** Illuminance in lux on level ground at a place: I·cos³θ/h² for each lamp, summed. Lamps stand above the ground. */
export const groundLux = (place: Point, lamps: readonly PointLamp[]): number =>
  lamps.reduce((sum, { at, candela }) => {
    const slant = distance({ ...place, z: 0 }, at);
    return sum + (candela * at.z) / slant ** 3;
  }, 0);

export interface PointLampInput {
  readonly subject: Vector;
  /** Bearing in degrees from the subject to the camera. */
  readonly bearingToCamera: number;
  readonly lamps: readonly PointLamp[];
  /** Reflectance of the floor 0 … 1. */
  readonly reflectance: number;
}

/** Lux on the side of an upright subject that the camera sees: I/d² by the cylinder for each lamp, and half the floor's light. */
export function lampLuxOnSubject({ subject, bearingToCamera, lamps, reflectance }: PointLampInput): number {
  const direct = lamps.reduce((sum, { at, candela }) => {
    const turn = angleBetween(bearingTo(subject, at), bearingToCamera);
    return sum + (candela / distance(subject, at) ** 2) * cylinderShare(heightAngle(subject, at), turn);
  }, 0);
  return direct + 0.5 * reflectance * groundLux(subject, lamps);
}
