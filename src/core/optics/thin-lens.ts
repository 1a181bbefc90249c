import { toDegrees } from "../units";

/**
 * Thin lens: half a percent at ten metres, worse close up, where the lens's own breathing matters more.
 * Distances `subject` in metres are from the front principal plane and must exceed the focal length;
 * a subject at or inside the focal length has no image and throws.
 */
export function magnification(focalLengthMm: number, subjectDistance: number): number {
  return focalLengthMm / behindFocus(focalLengthMm, subjectDistance);
}

/** Image distance in millimetres: f·s/(s − f). */
export const imageDistanceMm = (focalLengthMm: number, subjectDistance: number): number =>
  (focalLengthMm * subjectDistance * 1000) / behindFocus(focalLengthMm, subjectDistance);

function behindFocus(focalLengthMm: number, subjectDistance: number): number {
  const rest = subjectDistance * 1000 - focalLengthMm;
  if (!(rest > 0))
    throw new Error(
      `subject distance ${subjectDistance} m must exceed the focal length ${focalLengthMm} mm; move back`,
    );
  return rest;
}

/** Angle of view in degrees over a side of the sensor, focus at infinity: 2·atan(d/2f). */
export const angleOfView = (focalLengthMm: number, sideMm: number): number =>
  2 * toDegrees(Math.atan(sideMm / (2 * focalLengthMm)));

/** Angle of view in degrees at a focused subject: the frame there over its distance. */
export const angleOfViewAt = (focalLengthMm: number, sideMm: number, subjectDistance: number): number =>
  2 * toDegrees(Math.atan(sideMm / (2 * imageDistanceMm(focalLengthMm, subjectDistance))));

/** Focal length in mm at which an object of `size` metres makes an image of `imageMm` from `subject` metres. */
export function focalLengthForImage(size: number, imageMm: number, subjectDistance: number): number {
  const m = imageMm / (size * 1000);
  return (m * subjectDistance * 1000) / (1 + m);
}

/** Distance in metres at which an object of `size` metres makes an image of `imageMm`. */
export function distanceForImage(size: number, imageMm: number, focalLengthMm: number): number {
  const m = imageMm / (size * 1000);
  return (focalLengthMm * (1 + m)) / m / 1000;
}

/** The f-number that the light meets so near: N·(1 + m), pupil magnification taken as 1. */
export const workingFNumber = (fNumber: number, m: number): number => fNumber * (1 + m);

/** Light lost by close focus in stops: 2·log2(1 + m), pupil magnification taken as 1. */
export const bellowsLoss = (m: number): number => 2 * Math.log2(1 + m);
