import { aimOf, dot, solidsOf, subtract, surfacePoints, type Vector } from "../ground";
import { fNumberForDepth, turnedDepth } from "../optics";
import { creatureOf } from "../motion";
import { depthWishFor, type DepthWish } from "../scene";
import type { AssessInput, SightingFound } from "./assessment";
import { sightOf } from "./sight-of";
import { keptCircleMm } from "./sighting";

/** Metres from front to back of a person's face (common practice). */
export const FACE_DEPTH = 0.25;
/** From beak or nose to the eye, as a share of an animal's length (common practice). */
const NOSE_TO_EYE = 0.15;
export interface DepthAsked {
  readonly kind: DepthWish["kind"];
  /** Nearest and farthest point that should be sharp, metres from the lens along its axis. */
  readonly near: number;
  /** Farthest point that should be sharp, metres from the lens along its axis. */
  readonly far: number;
  /** The f-number that would hold them with the focus on the eye; 0 when nothing beyond the eye's plane is asked. */
  readonly fNumber: number;
}

/** What the depth of a picture is told by: metres to the eye, mm, the share of the frame that is kept, degrees off face on. */
export interface DepthSeen {
  /** Metres from the lens to the eye, above 0. */
  readonly distance: number;
  /** Millimetres, above 0. */
  readonly focalLengthMm: number;
  /** Share 0 … 1 of each side that a crop keeps. */
  readonly kept: number;
  /** Degrees, 0 face on. */
  readonly faceTurn: number;
}

export const depthSeen = ({ distance, frame, faceTurn }: SightingFound): DepthSeen => ({
  distance: distance,
  focalLengthMm: frame.focalLengthMm,
  kept: frame.kept,
  faceTurn,
});

/** The depth that a shot asks for, and the aperture that would hold it (handbook): asked, never demanded. */
export function depthAsked(input: AssessInput, seen: DepthSeen): DepthAsked {
  const wish = input.shot.depth ?? depthWishFor(input.subject, input.shot);
  const eye = seen.distance;
  const [near, far] =
    wish.kind === "two-things"
      ? between(input, wish.otherSpotId, eye)
      : about(eye, extent(input, seen, wish));
  if (near === far) return { kind: wish.kind, near, far, fNumber: 0 };
  const fNumber = fNumberForDepth({
    focalLengthMm: seen.focalLengthMm,
    subjectDistance: eye,
    near,
    far,
    circleOfConfusionMm: keptCircleMm(input, seen.kept),
  });
  return { kind: wish.kind, near, far, fNumber };
}

/** Half of a depth on either side of the eye; a subject deeper than it is far counts to half the distance. */
function about(eye: number, depth: number): readonly [number, number] {
  const half = Math.min(depth / 2, eye / 2);
  return [eye - half, eye + half];
}

/** Metres along the view that the wish takes of the subject. */
function extent({ subject }: AssessInput, { faceTurn }: DepthSeen, wish: DepthWish): number {
  const length = subject.length ?? subject.height;
  switch (wish.kind) {
    case "face":
      return creatureOf(subject) === "person" ? FACE_DEPTH : NOSE_TO_EYE * length;
    case "plane":
      return turnedDepth(subject.length ?? subject.span ?? subject.height, wish.turnDeg);
    case "whole":
      return Math.max(subject.depth, turnedDepth(subject.length ?? 0, 90 - faceTurn));
    default:
      return 0;
  }
}

/** From the nearer to the farther of the eye and another spot or thing on the plan, along the lens axis; the eye's plane when it is not there. */
function between(input: AssessInput, otherSpotId: string, eye: number): readonly [number, number] {
  const { ground } = input.scene;
  const { lens, aim } = sightOf(input);
  const axis = subtract(aim, lens);
  const along = (p: Vector): number => dot(subtract(p, lens), axis) / eye;
  const spot = ground.spots.find((s) => s.id === otherSpotId);
  const thing = ground.obstacles.find((o) => o.id === otherSpotId);
  // Of a thing that stands it is the side that one sees.
  const depths = spot
    ? [along(aimOf(ground, spot))]
    : (thing ? solidsOf(thing) : []).flatMap(surfacePoints).map(along);
  if (depths.length === 0) return [eye, eye];
  const place = Math.max(eye / 2, Math.min(...depths));
  return [Math.min(eye, place), Math.max(eye, place)];
}
