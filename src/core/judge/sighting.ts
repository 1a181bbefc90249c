import {
  backgroundBehind,
  bearingTo,
  distance,
  firstBlockage,
  frameBackground,
  heightAngle,
  thingsAbout,
  type Background,
  type Spot,
  type Vector,
} from "../ground";
import { circleByRule, depthOfField, effectiveLens, frameSubject, PART_SHARE, type Frame } from "../optics";
import { headOf, widthSeen } from "../motion";
import { meltOf } from "./background-found";
import type { AssessInput, MotionFound, Sighting, SightingFound } from "./assessment";
import { figureHidden, figurePoints } from "./figure-hidden";
import { faceOf } from "./grades";
import { faceTurnOf, sightOf } from "./sight-of";

/** Viewing distance over the print's diagonal: that of the print that is ordered, else its own diagonal (common practice). */
function viewingDiagonals({ rig, shot }: Pick<AssessInput, "rig" | "shot">): number {
  if (!shot.print) return 1;
  const { widthMm, heightMm } = rig.body.format;
  const diagonalMm = (shot.print.longEdgeMm * Math.hypot(widthMm, heightMm)) / Math.max(widthMm, heightMm);
  return (1000 * shot.print.viewingDistance) / diagonalMm;
}

/** Circle of confusion in mm of what the crop keeps, by the shot's rule. */
export const keptCircleMm = (asked: Pick<AssessInput, "rig" | "shot">, kept: number): number =>
  circleByRule({
    rule: asked.shot.circleRule ?? "diagonal",
    format: asked.rig.body.format,
    kept,
    deliveredLongEdgePx: asked.shot.deliveredLongEdgePx,
    viewingDiagonals: viewingDiagonals(asked),
  });

/**
 * Size in metres of the wished part along the framed side, as it is seen from there: a share of the height, the head's own
 * length, or the width that a turned subject shows.
 */
export function partSizeOf(
  { shot, subject }: Pick<AssessInput, "shot" | "subject">,
  faceTurn: number,
): number {
  if (shot.part === "head") return headOf(subject);
  return (shot.along === "width" ? widthSeen(subject, faceTurn) : subject.height) * PART_SHARE[shot.part];
}

/** What the lens makes of a part of so many metres at a distance in metres. */
export function frameOf(
  { shot, rig, focalLengthMm }: Pick<AssessInput, "shot" | "rig" | "focalLengthMm">,
  { partSize, distance }: { readonly partSize: number; readonly distance: number },
): Frame {
  const { minFocalLengthMm, maxFocalLengthMm } = effectiveLens(rig);
  return frameSubject({
    format: rig.body.format,
    orientation: shot.orientation,
    along: shot.along ?? "height",
    fill: shot.fill,
    partSize,
    subjectDistance: distance,
    minFocalLengthMm,
    maxFocalLengthMm,
    focalLengthMm,
  });
}

/** What stands behind the subject at the middle of its frame. */
export function backgroundOf(input: AssessInput): Background {
  const { lens, aim } = sightOf(input);
  return backgroundBehind(lens, aim, distance(lens, aim), input.scene.ground);
}

/**
 * Where the subject stands to the camera and what the lens makes of it, before anything is set. `lens` and `aim` as `sightOf` gives them
 * for the question.
 */
export function findSighting(input: AssessInput, spot: Spot, lens: Vector, aim: Vector): SightingFound {
  const { scene } = input;
  const away = distance(lens, aim);
  const bearing = bearingTo(lens, aim);
  const faceTurn = faceTurnOf({ spot, lens, aim });
  const partSize = partSizeOf(input, faceTurn);
  const frame = frameOf(input, { partSize, distance: away });
  const { obstacles, hall } = scene.ground;
  const kept = {
    lens,
    aim,
    frameAcross: frame.frameAcross * frame.kept,
    frameUp: frame.frameUp * frame.kept,
  };
  const wide = Math.max(kept.frameAcross, 2 * widthSeen(input.subject, faceTurn));
  const among = thingsAbout({ ...kept, frameAcross: wide }, obstacles);
  const behind = frameBackground(kept, { obstacles: among, hall });
  return {
    distance: away,
    bearing,
    heightAngle: heightAngle(lens, aim),
    blockage: firstBlockage(lens, aim, among),
    hidden: figureHidden(among, lens, figurePoints(input, aim, bearing, faceTurn)),
    background: behind.centre,
    around: behind.around,
    frame,
    fill: frame.fill,
    partSize,
    faceTurn,
    face: faceOf(faceTurn),
  };
}

/** What the aperture that is set makes of the sighting: the depth that is sharp, and how far what stands behind melts. */
export function withFocus(
  input: AssessInput,
  found: SightingFound,
  fNumber: number,
  { pan }: Pick<MotionFound, "pan">,
): Sighting {
  const { focalLengthMm, kept } = found.frame;
  const away = found.distance;
  const melt = {
    ground: input.scene.ground,
    focalLengthMm,
    fNumber,
    away,
    streak: pan?.streak ?? 0,
  };
  return {
    distance: found.distance,
    bearing: found.bearing,
    heightAngle: found.heightAngle,
    blockage: found.blockage,
    hidden: found.hidden,
    background: meltOf(found.background, melt),
    around: found.around.map((seen) => meltOf(seen, melt)),
    frame: found.frame,
    fill: found.fill,
    partSize: found.partSize,
    faceTurn: found.faceTurn,
    face: found.face,
    depth: depthOfField({
      focalLengthMm,
      fNumber,
      subjectDistance: away,
      circleOfConfusionMm: keptCircleMm(input, kept),
    }),
  };
}
