import { absent, present, type Maybe } from "../units";

/** Distance in metres from the sensor that a lens is marked with, for a subject `subjectDistance` metres from its plane: s²/(s − f). */
export const markedDistance = (focalLengthMm: number, subjectDistance: number): number =>
  subjectDistance ** 2 / (subjectDistance - focalLengthMm / 1000);

/**
 * Distance in metres from the front principal plane for a marked distance from the sensor: (D + √(D² − 4fD))/2. Absent
 * below four focal lengths, where a thin lens forms no image.
 */
export function distanceFromMark(
  focalLengthMm: number,
  marked: number,
): Maybe<number, "nearer-than-four-focal-lengths"> {
  const f = focalLengthMm / 1000;
  const root = marked * marked - 4 * f * marked;
  return root < 0
    ? absent("nearer-than-four-focal-lengths", { marked, least: 4 * f })
    : present((marked + Math.sqrt(root)) / 2);
}

/**
 * Focal length in mm that a lens really has at its closest focus D (metres from the sensor) with its largest
 * magnification m: D·m/(1 + m)². Shorter than the marked one for a lens that breathes.
 */
export const closestFocalLength = (closestFocus: number, largestMagnification: number): number =>
  (1000 * closestFocus * largestMagnification) / (1 + largestMagnification) ** 2;
