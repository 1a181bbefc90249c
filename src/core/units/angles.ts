/**
 * Angles. Every public edge of the core speaks degrees; radians live inside functions only.
 * Bearings run clockwise from true north, 0 up to (not including) 360.
 */

declare const radiansBrand: unique symbol;
/** An angle in radians. Branded, so that degrees cannot be handed to a sine by mistake. */
export type Radians = number & { readonly [radiansBrand]: true };

const PER_DEGREE = Math.PI / 180;

/** Radians of degrees. */
export const toRadians = (degrees: number): Radians => (degrees * PER_DEGREE) as Radians;
/** Degrees of radians. */
export const toDegrees = (radians: number): number => radians / PER_DEGREE;

/** Sine of degrees. */
export const sinDeg = (degrees: number): number => Math.sin(degrees * PER_DEGREE);
/** Cosine of degrees. */
export const cosDeg = (degrees: number): number => Math.cos(degrees * PER_DEGREE);
/** Tangent of degrees. */
export const tanDeg = (degrees: number): number => Math.tan(degrees * PER_DEGREE);

/** The same direction in [0, 360). */
export const asBearing = (degrees: number): number => ((degrees % 360) + 360) % 360;

/** Signed turn from one bearing to another, in (−180, 180]; positive is clockwise. */
export function turnBetween(fromDeg: number, toDeg: number): number {
  const turn = asBearing(toDeg - fromDeg);
  return turn > 180 ? turn - 360 : turn;
}

/** Unsigned angle between two bearings, 0 … 180. */
export const angleBetween = (aDeg: number, bDeg: number): number => Math.abs(turnBetween(aDeg, bDeg));
