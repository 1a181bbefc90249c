/** How a background comes out behind the subject. */
export type Softness = "plain" | "smooth" | "soft" | "busy";

/** Times what one would make out of a background blurs over its own size, from which it is smooth, and soft (common practice). */
const SMOOTH_FROM = 3;
const SOFT_FROM = 1;

/** The grade of a smoothness, a ratio of 0 or more; sky, water and snow have nothing to be busy with and are plain. */
export function softnessOf(smoothness: number | "plain"): Softness {
  if (smoothness === "plain") return "plain";
  if (smoothness >= SMOOTH_FROM) return "smooth";
  return smoothness >= SOFT_FROM ? "soft" : "busy";
}

/** How much of a face is seen. */
export type FaceSeen = "toward" | "profile" | "away";

/** Degrees between the way a subject faces and the camera up to which the face looks this way, and past which none is seen. */
const TOWARD_TO = 60;
const PROFILE_TO = 110;

/** The grade of a turn in degrees, 0 face on … 180 from behind (common practice). */
export function faceOf(turn: number): FaceSeen {
  if (turn < TOWARD_TO) return "toward";
  return turn <= PROFILE_TO ? "profile" : "away";
}
