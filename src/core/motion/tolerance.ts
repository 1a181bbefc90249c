import type { SubjectPart } from "./subject";

/** What the picture is for: that decides how much blur it bears. */
export type ToleranceKind = "print-sharp" | "web" | "pixel-sharp";

export interface ToleranceInput {
  readonly kind: ToleranceKind;
  readonly part: SubjectPart;
  /** Circle of confusion of the kept frame, and the sensor's pixel, in µm. */
  readonly circleOfConfusionUm: number;
  /** Pixel pitch in µm, above 0. */
  readonly pixelUm: number;
  /** One pixel of the deliverable on the sensor in µm; never below a sensor pixel. */
  readonly deliveredPixelUm: number;
  /** Size on the sensor in µm of a metre at the subject. */
  readonly umPerMetre: number;
}

/** Multiples of the basic tolerance by class of part; the one table, fixed before any calibration (common practice). */
export const PART_TOLERANCE = Object.freeze({ body: 1, limb: 2, wing: 2 });

/** Pixels of the screen or of the sensor that may smear. */
const PIXELS = 1.5;

function basicTolerance({ kind, circleOfConfusionUm, deliveredPixelUm, pixelUm }: ToleranceInput): number {
  if (kind === "print-sharp") return circleOfConfusionUm;
  return kind === "web" ? PIXELS * deliveredPixelUm : PIXELS * pixelUm;
}

/**
 * How long the smear of a part may be on the sensor, in µm: body one circle of confusion, limbs and wings two; a thrown
 * or swung thing half its own width.
 */
export function toleranceUm(input: ToleranceInput): number {
  const { part, umPerMetre } = input;
  if (part.partClass === "tool") return (part.halfWidth ?? 0.03) * umPerMetre;
  return PART_TOLERANCE[part.partClass] * basicTolerance(input);
}
