import { diagonalMm, type SensorFormat } from "./format";

/** What is handed over: so many pixels, or a print of so many millimetres seen from so far. */
export type Deliverable =
  | {
      readonly kind: "pixels";
      /** Pixels along the long edge, above 0. */
      readonly longEdgePx: number;
    }
  | {
      readonly kind: "print";
      /** Millimetres of the print's long edge, above 0. */
      readonly longEdgeMm: number;
      /** Millimetres of the print's short edge, above 0. */
      readonly shortEdgeMm: number;
      /** Of the printer, above 0. */
      readonly pixelsPerInch: number;
      /** Metres between eye and print. */
      readonly viewingDistance: number;
    };

const MM_PER_INCH = 25.4;
/** Radians in an arc-minute, inverted: the eye's usual resolution. */
const PER_ARC_MINUTE = 3438;

/** Pixels along the long edge that a deliverable asks for. */
export const pixelsWanted = (deliverable: Deliverable): number =>
  deliverable.kind === "pixels"
    ? deliverable.longEdgePx
    : Math.ceil((deliverable.longEdgeMm / MM_PER_INCH) * deliverable.pixelsPerInch);

/** Short edge in mm of a sheet with a long edge in mm for a frame of an aspect, its width over its height, above 0. */
export const shortEdgeMm = (longEdgeMm: number, aspect: number): number =>
  longEdgeMm / Math.max(aspect, 1 / aspect);

/** One delivered pixel on the sensor in µm, never below a pixel of its own: what a crop to so many pixels keeps, spread over those asked for. */
export const deliveredPixelUm = (of: {
  /** Pixel pitch in µm, above 0. */
  readonly pixelUm: number;
  /** Pixels along the long edge that the crop keeps. */
  readonly keptLongEdgePx: number;
  /** Pixels along the long edge that are handed over, above 0. */
  readonly deliveredLongEdgePx: number;
}): number => Math.max(of.pixelUm, (of.pixelUm * of.keptLongEdgePx) / of.deliveredLongEdgePx);

/** A length on the sensor in pixels of the delivered picture; both in µm, the pixel above 0. */
export const inDelivered = (lengthUm: number, pixelUm: number): number => lengthUm / pixelUm;

/**
 * Circle of confusion in mm on the sensor for a deliverable: one delivered pixel (never below a sensor pixel), or one
 * arc-minute at the viewing distance brought back from the print to the kept part of the sensor.
 */
export function circleForDeliverable(format: SensorFormat, kept: number, deliverable: Deliverable): number {
  const pixel = format.widthMm / format.widthPx;
  if (deliverable.kind === "pixels") return Math.max(pixel, (format.widthMm * kept) / deliverable.longEdgePx);
  const printDiagonal = Math.hypot(deliverable.longEdgeMm, deliverable.shortEdgeMm);
  const arcMinute = (deliverable.viewingDistance * 1000) / PER_ARC_MINUTE;
  return (arcMinute * diagonalMm(format) * kept) / printDiagonal;
}

export interface CropLeft {
  /** Pixels along the long edge that the crop keeps, and those that were asked for. */
  readonly keptPx: number;
  /** Pixels along the long edge that were asked for. */
  readonly wantedPx: number;
  /** Kept over wanted: 1 and more suffices, under 1 the file has to be enlarged. */
  readonly ratio: number;
}

/** Pixels left by a crop against the deliverable. `kept` is the share 0 … 1 of each side. */
export function cropLeft(format: SensorFormat, kept: number, deliverable: Deliverable): CropLeft {
  const keptPx = Math.round(format.widthPx * kept);
  const wantedPx = pixelsWanted(deliverable);
  return { keptPx, wantedPx, ratio: keptPx / wantedPx };
}
