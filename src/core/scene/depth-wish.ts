import { creatureOf, type Stature } from "../motion";
import type { DepthWish, Shot } from "./shot";

/** By how many degrees a flat subject is out of parallel unless it is said (common practice). */
const USUAL_TURN = 5;

/**
 * What depth a shot asks for when it does not say so itself: the whole subject for a picture of it in its place, the
 * plane of its wings for an insect, else the face.
 */
export function depthWishFor(subject: Stature, { intent }: Pick<Shot, "intent">): DepthWish {
  if (intent === "context") return { kind: "whole" };
  return creatureOf(subject) === "insect" ? { kind: "plane", turnDeg: USUAL_TURN } : { kind: "face" };
}
