import { angleBetween, because, type Figure } from "../units";
import {
  atHeight,
  bearingTo,
  distance,
  firstBlockage,
  frameBackground,
  heightAngle,
  type Background,
  type Spot,
  type Vector,
} from "../ground";
import {
  circleByRule,
  depthOfField,
  effectiveLens,
  frameSubject,
  PART_SHARE,
  smoothness,
  widestAt,
  type Frame,
} from "../optics";
import type { AssessInput, Sighting } from "./assessment";

/** Width in metres of the detail that the background is judged by: a face. */
const DETAIL = 0.16;
/** Viewing distance over the print's diagonal (common practice: seen from its own diagonal). */
const VIEWING_DIAGONALS = 1;

/** Circle of confusion in mm of what the crop keeps, by the shot's rule. */
export const keptCircleMm = ({ rig, shot }: Pick<AssessInput, "rig" | "shot">, kept: number): number =>
  circleByRule({
    rule: shot.circleRule ?? "diagonal",
    format: rig.body.format,
    kept,
    deliveredLongEdgePx: shot.deliveredLongEdgePx,
    viewingDiagonals: VIEWING_DIAGONALS,
  });

/** Size in metres of the wished part along the framed side: a share of the height, or the span. */
function partSizeOf({ shot, subject }: AssessInput): number {
  if ((shot.along ?? "height") === "width") return subject.span ?? subject.length ?? subject.height;
  return subject.height * PART_SHARE[shot.part];
}

/** The spot of a shot, and the line from the lens to the aim. Throws when the shot names a spot that the ground lacks. */
export function sightOf({ shot, position, scene }: AssessInput): {
  readonly spot: Spot;
  readonly lens: Vector;
  readonly aim: Vector;
} {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId);
  if (!spot)
    throw new Error(
      `shot ${shot.id} names the spot ${shot.spotId}, which the ground lacks; add it or change the shot`,
    );
  return {
    spot,
    lens: atHeight(position.at, position.lensHeight),
    aim: atHeight(spot.at, spot.aimHeight),
  };
}

export function findSighting(input: AssessInput, spot: Spot, lens: Vector, aim: Vector): Sighting {
  const { shot, rig, scene } = input;
  const away = distance(lens, aim);
  const optic = effectiveLens(rig);
  const partSize = partSizeOf(input);
  const frame = frameSubject({
    format: rig.body.format,
    orientation: shot.orientation,
    along: shot.along ?? "height",
    fill: shot.fill,
    partSize,
    subject: away,
    minFocalLengthMm: optic.minFocalLengthMm,
    maxFocalLengthMm: optic.maxFocalLengthMm,
    focalLengthMm: input.focalLengthMm,
  });
  const { focalLengthMm } = frame;
  const fNumber = widestAt(optic, focalLengthMm);
  const soft = ({ kind, obstacleId, beyond }: Background) => ({
    kind,
    obstacleId,
    beyond,
    smoothness: smoothness({ focalLengthMm, fNumber, subject: away, point: away + beyond, detail: DETAIL }),
  });
  const { obstacles } = scene.ground;
  const behind = frameBackground({
    lens,
    aim,
    frameAcross: frame.frameAcross * frame.kept,
    frameUp: frame.frameUp * frame.kept,
    obstacles,
  });
  const bearing = bearingTo(lens, aim);
  return {
    distance: distanceFigure(lens, aim, away, bearing),
    bearing,
    heightAngle: heightAngle(lens, aim),
    blockage: firstBlockage(lens, aim, obstacles),
    background: soft(behind.centre),
    corners: behind.corners.map(soft),
    frame,
    fill: fillFigure(frame, partSize, away, shot.fill),
    depth: depthOfField({
      focalLengthMm,
      fNumber,
      subject: away,
      circleOfConfusionMm: keptCircleMm(input, frame.kept),
    }),
    faceTurn: angleBetween(spot.facing, bearing + 180),
  };
}

const fillFigure = (frame: Frame, partSize: number, away: number, wished: number): Figure => ({
  value: frame.fill,
  because: [
    because("fill-is-image-over-frame", { partSize, fill: frame.fill, distance: away }, "handbook-optics"),
    because("focal-length-used", { focalLengthMm: frame.focalLengthMm, frameUp: frame.frameUp }),
    because("crop-keeps", { kept: frame.kept, px: frame.keptLongEdgePx, wished }),
  ],
});

const distanceFigure = (lens: Vector, aim: Vector, away: number, bearing: number): Figure => ({
  value: away,
  because: [
    because("distance-in-space", {
      east: aim.x - lens.x,
      north: aim.y - lens.y,
      rise: aim.z - lens.z,
      distance: away,
    }),
    because("bearing-of-sight", { bearing }),
  ],
});
