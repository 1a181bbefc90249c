import { heldSidesMm, pixelPitchUm, type Orientation, type SensorFormat } from "./format";
import { focalLengthForImage, magnification } from "./thin-lens";

/** How much of the figure the picture wants. */
export type FigurePart = "whole" | "three-quarter" | "half" | "head";

/** Share of a standing figure that the part takes (common practice: a figure is about seven and a half heads). */
export const PART_SHARE: Readonly<Record<FigurePart, number>> = Object.freeze({
  whole: 1,
  "three-quarter": 0.75,
  half: 0.5,
  head: 1 / 7.5,
});

export interface FramingWish {
  /** Size of the chosen part in metres along the framed side. */
  readonly partSize: number;
  readonly orientation: Orientation;
  readonly along: "height" | "width";
  /** Wished share of the kept frame that the part takes, 0 … 1. */
  readonly fill: number;
}

export interface FrameInput extends FramingWish {
  readonly format: SensorFormat;
  /** Shortest focal length in mm, above 0. */
  readonly minFocalLengthMm: number;
  /** Longest focal length in mm, at least the shortest. */
  readonly maxFocalLengthMm: number;
  /** Distance in metres from the front principal plane. */
  readonly subjectDistance: number;
  /** Set to hold a zoom; otherwise the zoom goes to where the wish is met or as near as it can. */
  readonly focalLengthMm?: number;
}

export interface Frame {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** Image over object, above 0. */
  readonly magnification: number;
  /** Part over frame before any crop; over 1 it does not fit. */
  readonly fill: number;
  /** Share of each side of the sensor that a crop to the wished fill keeps; 1 when none is needed. */
  readonly kept: number;
  /** Pixels along the framed side after the crop, and pixels on the part. */
  readonly keptLongEdgePx: number;
  /** Pixels on the wished part along the framed side. */
  readonly partPx: number;
  /** Frame at the subject in metres as the camera is held, before any crop. */
  readonly frameAcross: number;
  /** Height of the frame at the subject in metres, before any crop. */
  readonly frameUp: number;
}

/** Share of a side of the frame that the image of a part takes: m·size over the side. Part in metres, side in mm. */
export const fillOf = (m: number, partSize: number, sideMm: number): number => (m * partSize * 1000) / sideMm;

/** Lens reach: focal length, fill, the crop left and its pixels (thin lens). */
export function frameSubject(input: FrameInput): Frame {
  const sides = heldSidesMm(input.format, input.orientation);
  const sideMm = input.along === "height" ? sides.up : sides.across;
  const focalLengthMm = chooseFocalLength(input, sideMm);
  const m = magnification(focalLengthMm, input.subjectDistance);
  const fill = fillOf(m, input.partSize, sideMm);
  const kept = Math.min(1, fill / input.fill);
  return {
    focalLengthMm,
    magnification: m,
    fill,
    kept,
    keptLongEdgePx: Math.round(input.format.widthPx * kept),
    partPx: Math.round((m * input.partSize * 1e6) / pixelPitchUm(input.format)),
    frameAcross: sides.across / m / 1000,
    frameUp: sides.up / m / 1000,
  };
}

function chooseFocalLength(input: FrameInput, sideMm: number): number {
  const wished =
    input.focalLengthMm ?? focalLengthForImage(input.partSize, input.fill * sideMm, input.subjectDistance);
  return Math.min(input.maxFocalLengthMm, Math.max(input.minFocalLengthMm, wished));
}
