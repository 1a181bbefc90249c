import { levelVelocity, type Spot, type Vector } from "../ground";
import { blurDiscUm, imageDistanceMm, pixelPitchUm } from "../optics";
import {
  blurBudget,
  blurVerdict,
  bodyMotion,
  focusDrift,
  partSpeed,
  partsOf,
  shakeUmPerSecond,
  slowestExposure,
  toleranceUm,
  type BlurInput,
  type SubjectPart,
} from "../motion";
import { apertureFNumber, shutterSeconds, type Settings } from "../exposure";
import type { AssessInput, MotionFound, PartMotion, Sighting } from "./assessment";
import { keptCircleMm } from "./sighting";

/** The blur of a shot as a function of its settings; made once, asked for many settings. */
export interface BlurModel {
  /** Tolerance in µm of the part that must hold. */
  readonly toleranceUm: number;
  /** Exact slowest exposure for the part that must hold at an aperture click. */
  readonly slowestExposure: (aperture: number) => number | "none" | "any";
  /** Smear in µm of the part that must hold. */
  readonly blurUm: (settings: Settings) => number;
  readonly at: (settings: Settings) => MotionFound;
}

/** How fast the picture of each part moves, and what that leaves of the shutter. */
export function findMotion(
  input: AssessInput,
  spot: Spot,
  sight: { readonly lens: Vector; readonly aim: Vector },
  sighting: Sighting,
): BlurModel {
  const { shot, subject, rig } = input;
  const { focalLengthMm, kept, magnification, keptLongEdgePx } = sighting.frame;
  const subjectAt = sighting.distance.value;
  const body = bodyMotion({
    camera: { ...sight, imageDistanceMm: imageDistanceMm(focalLengthMm, subjectAt) },
    subject,
    bodyVelocity: levelVelocity(spot.facing, subject.bodySpeed),
    technique: shot.technique,
  });
  const pixelUm = pixelPitchUm(rig.body.format);
  const deliveredPixelUm = Math.max(pixelUm, (pixelUm * keptLongEdgePx) / shot.deliveredLongEdgePx);
  const shake = shakeUmPerSecond({
    focalLengthMm,
    stabiliserStops: rig.lens.stabiliserStops,
    supportStops: rig.support.stops,
  });
  const drift = focusDrift(Math.abs(body.approach), "predictive");

  const blurOf = (part: SubjectPart, aperture: number): BlurInput => ({
    motionUmPerSecond: partSpeed(body, part) * body.umPerMetre,
    shakeUmPerSecond: shake,
    defocusUm: blurDiscUm({
      focalLengthMm,
      fNumber: apertureFNumber(aperture),
      subject: subjectAt,
      point: subjectAt + drift,
    }),
    workingFNumber: apertureFNumber(aperture) * (1 + magnification),
    pixelUm,
  });
  const tolerance = (part: SubjectPart): number =>
    toleranceUm({
      kind: shot.tolerance,
      part,
      circleOfConfusionUm: 1000 * keptCircleMm(input, kept),
      pixelUm,
      deliveredPixelUm,
      umPerMetre: body.umPerMetre,
    });
  const movingOnly = shot.tolerance === "pixel-sharp";
  const slowest = (part: SubjectPart, aperture: number) =>
    slowestExposure(blurOf(part, aperture), tolerance(part), movingOnly);
  const smear = (part: SubjectPart, settings: Settings): number => {
    const budget = blurBudget(blurOf(part, settings.aperture), shutterSeconds(settings.shutter));
    return movingOnly ? budget.movingUm : budget.totalUm;
  };
  const partMotion = (part: SubjectPart, settings: Settings): PartMotion => {
    const blurUm = smear(part, settings);
    return {
      partId: part.id,
      name: part.name,
      speed: partSpeed(body, part),
      toleranceUm: tolerance(part),
      slowest: slowest(part, settings.aperture),
      blurUm,
      verdict: blurVerdict(blurUm, tolerance(part)),
    };
  };

  const heldPart = heldPartOf(input);
  return {
    toleranceUm: tolerance(heldPart),
    slowestExposure: (aperture) => slowest(heldPart, aperture),
    blurUm: (settings) => smear(heldPart, settings),
    at: (settings) => {
      const parts = partsOf(subject).map((part) => partMotion(part, settings));
      return {
        body,
        parts,
        held: partMotion(heldPart, settings),
        budget: blurBudget(blurOf(heldPart, settings.aperture), shutterSeconds(settings.shutter)),
        deliveredPixelUm,
      };
    },
  };
}

function heldPartOf({ shot, subject }: AssessInput): SubjectPart {
  const part = partsOf(subject).find((p) => p.id === shot.holdPartId);
  if (!part)
    throw new Error(
      `shot ${shot.id} holds the part ${shot.holdPartId}, which ${subject.id} lacks; choose another part`,
    );
  return part;
}
