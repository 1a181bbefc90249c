import { angleBetween, because, type Figure } from "../units";
import {
  backgroundBehind,
  bearingTo,
  distance,
  firstBlockage,
  heightAngle,
  type Spot,
  type Vector,
} from "../ground";
import {
  circleOfConfusionMm,
  depthOfField,
  diagonalMm,
  effectiveLens,
  frameSubject,
  PART_SHARE,
  smoothness,
} from "../optics";
import type { AssessInput, Sighting } from "./assessment";

/** Width in metres of the detail that the background is judged by: a face. */
const DETAIL = 0.16;

/** Circle of confusion in mm of what the crop keeps. */
export const keptCircleMm = (input: AssessInput, kept: number): number =>
  circleOfConfusionMm(diagonalMm(input.rig.body.format) * kept);

export function findSighting(input: AssessInput, spot: Spot, lens: Vector, aim: Vector): Sighting {
  const { shot, subject, rig, scene } = input;
  const away = distance(lens, aim);
  const optic = effectiveLens(rig);
  const partSize = subject.height * PART_SHARE[shot.part];
  const frame = frameSubject({
    format: rig.body.format,
    orientation: shot.orientation,
    along: "height",
    fill: shot.fill,
    partSize,
    subject: away,
    minFocalLengthMm: optic.minFocalLengthMm,
    maxFocalLengthMm: optic.maxFocalLengthMm,
    focalLengthMm: input.focalLengthMm,
  });
  const wideOpen = {
    focalLengthMm: frame.focalLengthMm,
    fNumber: optic.widest,
    subject: away,
    circleOfConfusionMm: keptCircleMm(input, frame.kept),
  };
  const background = backgroundBehind(lens, aim, scene.ground.obstacles);
  return {
    distance: distanceFigure(lens, aim, away),
    bearing: bearingTo(lens, aim),
    heightAngle: heightAngle(lens, aim),
    blockage: firstBlockage(lens, aim, scene.ground.obstacles),
    background: {
      ...background,
      smoothness: smoothness({ ...wideOpen, point: away + background.beyond, detail: DETAIL }),
    },
    frame,
    fill: {
      value: frame.fill,
      because: [
        because(
          "fill-is-image-over-frame",
          { partSize, fill: frame.fill, distance: away },
          "handbook-optics",
        ),
        because("focal-length-used", { focalLengthMm: frame.focalLengthMm, frameUp: frame.frameUp }),
        because("crop-keeps", { kept: frame.kept, px: frame.keptLongEdgePx, wished: shot.fill }),
      ],
    },
    depth: depthOfField(wideOpen),
    faceTurn: angleBetween(spot.facing, bearingTo(aim, lens)),
  };
}

const distanceFigure = (lens: Vector, aim: Vector, away: number): Figure => ({
  value: away,
  because: [
    because("distance-in-space", {
      east: aim.x - lens.x,
      north: aim.y - lens.y,
      rise: aim.z - lens.z,
      distance: away,
    }),
    because("bearing-of-sight", { bearing: bearingTo(lens, aim) }),
  ],
});
