import { cosDeg, sinDeg, tanDeg, turnBetween } from "../units";

/** Measures in metres of a cap: the brim, the eyes below it, half its width (assumed). */
const BRIM = { length: 0.07, eyesBelow: 0.05, halfWidth: 0.08 };

/**
 * How the sun meets a face: "lit", "brim" where a cap's brim shades the eyes, "own-shade" with the sun behind. `facing`
 * is the bearing of the face in degrees; the sun's altitude as seen, above 0.
 */
export function faceLight(
  facing: number,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
): "lit" | "brim" | "own-shade" {
  const turn = turnBetween(facing, sun.azimuth);
  if (cosDeg(turn) <= 0) return "own-shade";
  const rise = tanDeg(sun.apparentAltitude);
  const longEnough = BRIM.eyesBelow * cosDeg(turn) <= BRIM.length * rise;
  const wideEnough = BRIM.eyesBelow * Math.abs(sinDeg(turn)) <= BRIM.halfWidth * rise;
  return longEnough && wideEnough ? "brim" : "lit";
}
