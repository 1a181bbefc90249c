import { absent, present, type Maybe } from "../units";
import { heldSidesMm, type Orientation, type SensorFormat } from "./format";
import { distanceForImage, focalLengthForImage } from "./thin-lens";

export interface ReachInput {
  readonly format: SensorFormat;
  readonly orientation: Orientation;
  readonly along: "height" | "width";
  /** Size of the chosen part in metres along the framed side. */
  readonly partSize: number;
  /** Wished share of the frame, above 0 up to 1. */
  readonly fill: number;
}

const imageMm = ({ format, orientation, along, fill }: ReachInput): number => {
  const sides = heldSidesMm(format, orientation);
  return fill * (along === "height" ? sides.up : sides.across);
};

/** Focal length in mm that gives the wished fill from a distance in metres (thin lens). */
export const focalLengthForFill = (input: ReachInput & { readonly distance: number }): number =>
  focalLengthForImage(input.partSize, imageMm(input), input.distance);

/**
 * Distance in metres at which a focal length gives the wished fill (thin lens); absent where the lens cannot focus so
 * near.
 */
export function distanceForFill(
  input: ReachInput & { readonly focalLengthMm: number; readonly closestFocus: number },
): Maybe<number, "nearer-than-focus"> {
  const distance = distanceForImage(input.partSize, imageMm(input), input.focalLengthMm);
  return distance < input.closestFocus
    ? absent("nearer-than-focus", { distance, closest: input.closestFocus })
    : present(distance);
}
