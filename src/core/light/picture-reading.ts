import { linearOf, luminanceOfLinear, MIDDLE_REFLECTANCE as MIDDLE } from "../units";

/** What a picture's own file says of its light, before a person confirms it. */
export interface PictureMetered {
  /** Median relative linear luminance 0 … 1 of the frame's middle, sRGB decoded. */
  readonly median: number;
  /** Share 0 … 1 of the middle's pixels that are full white. */
  readonly clipped: number;
  /** Share 0 … 1 of the light that what fills the middle throws back; the usual middle when left out. */
  readonly reflectance?: number;
  /** Median 0 … 1 of the same body's pictures that were right; 0.18 when left out. */
  readonly rightMedian?: number;
}

/** A picture that tells by how much it is off. */
export interface PictureOff {
  readonly kind: "off";
  /** Stops by which it came out brighter than right, −2 … 2; negative is darker. */
  readonly stops: number;
}

/** How far off it came out, where that can be told. */
export type PictureSays = PictureOff | { readonly kind: "too-dark" | "too-bright" };

/** Median of a middle that is right (ISO 12232, code value 118 of sRGB; from memory). */
const RIGHT = 0.18;
/** Stops beyond which a picture tells only which way, and the share of clipped pixels that makes it too bright. */
const TELLS = 2;
const CLIPPED = 0.05;

/**
 * By how many stops a picture came out brighter than right, by the median of its middle, less what fills the middle; good to half a
 * stop. Beyond two stops, or with a twentieth clipped, only which way.
 */
export function pictureSays({
  median,
  clipped,
  reflectance = MIDDLE,
  rightMedian = RIGHT,
}: PictureMetered): PictureSays {
  if (clipped >= CLIPPED) return { kind: "too-bright" };
  const stops = Math.log2(Math.max(1e-6, median) / rightMedian) - Math.log2(reflectance / MIDDLE);
  if (stops > TELLS) return { kind: "too-bright" };
  return stops < -TELLS ? { kind: "too-dark" } : { kind: "off", stops };
}

/** The median that a body's pictures have when they are right, by one that was: what fills its middle taken off. */
export const rightMedianOf = ({ median, reflectance = MIDDLE }: PictureMetered): number =>
  Math.min(0.9, Math.max(0.01, (median * MIDDLE) / reflectance));

/** Share of each side of a picture that is its middle. */
const MIDDLE_SIDE = 0.5;

/** The median linear luminance and the clipped share of the middle of a picture; bytes of red, green, blue and opacity, row by row. */
export function meterPixels(
  bytes: Uint8ClampedArray,
  width: number,
  height: number,
): Pick<PictureMetered, "median" | "clipped"> {
  const edge = (1 - MIDDLE_SIDE) / 2;
  const [left, right] = [Math.floor(width * edge), Math.ceil(width * (1 - edge))];
  const [top, low] = [Math.floor(height * edge), Math.ceil(height * (1 - edge))];
  const found: number[] = [];
  let white = 0;
  for (let y = top; y < low; y++)
    for (let x = left; x < right; x++) {
      const at = 4 * (y * width + x);
      const [r, g, b] = [bytes[at]!, bytes[at + 1]!, bytes[at + 2]!];
      if (r === 255 && g === 255 && b === 255) white++;
      found.push(luminanceOfLinear(LINEAR[r]!, LINEAR[g]!, LINEAR[b]!));
    }
  found.sort((a, b) => a - b);
  return { median: found[found.length >> 1] ?? 0, clipped: white / Math.max(1, found.length) };
}

/** Linear light of each sRGB value: a picture asks for it pixel by pixel. */
const LINEAR = Float64Array.from({ length: 256 }, (_, value) => linearOf(value));
