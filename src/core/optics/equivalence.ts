import { circleForDeliverable } from "./deliverable";
import { circleOfConfusionMm } from "./depth-of-field";
import { cropFactor, diagonalMm, type SensorFormat } from "./format";

/** Focal length, f-number and ISO on 36×24 that would make the same picture: framing, blur of the background, light. */
export function fullFrameEquivalent(input: {
  readonly format: SensorFormat;
  readonly focalLengthMm: number;
  readonly fNumber: number;
  readonly iso: number;
}): { focalLengthMm: number; fNumber: number; iso: number } {
  const crop = cropFactor(input.format);
  return {
    focalLengthMm: input.focalLengthMm * crop,
    fNumber: input.fNumber * crop,
    // The light collected goes with the sensor's area, not with the square of the diagonal's ratio.
    iso: (input.iso * (36 * 24)) / (input.format.widthMm * input.format.heightMm),
  };
}

/** Stops of light that the whole 36×24 collects more than a kept part of a format, at the same exposure. */
export const lightStopsBelowFullFrame = (format: SensorFormat, kept = 1): number =>
  Math.log2((36 * 24) / (format.widthMm * format.heightMm * kept * kept));

export type CircleRule = "diagonal" | "delivered-pixel" | "arc-minute";

/** Circle of confusion in mm by rule: a 1500th of the kept diagonal, one delivered pixel, or one arc-minute of the print. */
export function circleByRule(input: {
  readonly rule: CircleRule;
  readonly format: SensorFormat;
  readonly kept: number;
  /** Long edge of the delivered picture in pixels; for "delivered-pixel". */
  readonly deliveredLongEdgePx: number;
  /** Viewing distance over the print's diagonal; for "arc-minute". 1 is the usual. */
  readonly viewingDiagonals: number;
}): number {
  const { format, kept } = input;
  const diagonal = diagonalMm(format) * kept;
  if (input.rule === "diagonal") return circleOfConfusionMm(diagonal);
  if (input.rule === "arc-minute") return (diagonal * input.viewingDiagonals) / 3438;
  return circleForDeliverable(format, kept, { kind: "pixels", longEdgePx: input.deliveredLongEdgePx });
}
