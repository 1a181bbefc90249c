import {
  circleForDeliverable,
  cropLeft,
  depthOfField,
  fNumberForDepth,
  type CropLeft,
  type Deliverable,
  type DepthOfField,
} from "../optics";
import { apertureFNumber } from "../exposure";
import type { AssessInput, Assessment, SightingFound } from "./assessment";
import { FACE_DEPTH } from "./depth-asked";
import { keptCircleMm } from "./sighting";

/** A print that is ordered, against the picture as it is framed. */
export interface PrintFound {
  readonly crop: CropLeft;
  /** Circle of confusion in mm on the sensor: one arc-minute at the viewing distance. */
  readonly circleMm: number;
  /** What is sharp in that print at the settings found, metres from the lens. */
  readonly depth: DepthOfField;
}

/** What a print asks of the picture in hand: pixels left of the crop, and the depth that its viewer sees. */
export function printFound(
  { rig }: AssessInput,
  { sighting, settings }: Assessment,
  print: Deliverable,
): PrintFound {
  const { kept, focalLengthMm } = sighting.frame;
  const circleMm = circleForDeliverable(rig.body.format, kept, print);
  return {
    crop: cropLeft(rig.body.format, kept, print),
    circleMm,
    depth: depthOfField({
      focalLengthMm,
      fNumber: apertureFNumber(settings.settings.aperture),
      subjectDistance: sighting.distance,
      circleOfConfusionMm: circleMm,
    }),
  };
}

/** Apertures that hold faces in a row behind each other. */
export interface FacesInRow {
  /** f-number with the focus on the first. */
  readonly onFirst: number;
  /** f-number with the focus between them, and where that is in metres from the lens. */
  readonly between: number;
  /** Metres from the lens of the best focus. */
  readonly focusAt: number;
}

/** What holds so many faces, each so many metres behind the one before; the first stands where the shot is. */
export function facesInRow(
  input: AssessInput,
  { sighting }: { readonly sighting: Pick<SightingFound, "distance" | "frame"> },
  count: number,
  spacing: number,
): FacesInRow {
  const first = sighting.distance;
  const near = Math.max(first / 2, first - FACE_DEPTH / 2);
  const far = first + (count - 1) * spacing + FACE_DEPTH / 2;
  const circle = {
    focalLengthMm: sighting.frame.focalLengthMm,
    circleOfConfusionMm: keptCircleMm(input, sighting.frame.kept),
  };
  // Both ends blur alike with the focus at their harmonic mean (handbook).
  const focusAt = (2 * near * far) / (near + far);
  return {
    onFirst: fNumberForDepth({ ...circle, subjectDistance: first, near, far }),
    between: fNumberForDepth({ ...circle, subjectDistance: focusAt, near, far }),
    focusAt,
  };
}
