import { linearOf, luminanceOfLinear } from "../units";

/** A part of a picture as bytes of red, green, blue and opacity, row by row. */
export interface Pixels {
  readonly data: Uint8ClampedArray;
  /** Pixels, 1 or more. */
  readonly width: number;
  /** Pixels, 1 or more. */
  readonly height: number;
}

/** Relative linear luminance of a pixel, 0 … 1 (sRGB decoded). */
export function luminanceAt({ data, width }: Pixels, x: number, y: number): number {
  const i = 4 * (y * width + x);
  return luminanceOfLinear(linearOf(data[i]!), linearOf(data[i + 1]!), linearOf(data[i + 2]!));
}

/** Luminance of a picture's every pixel as a screen shows it, 0 … 255 (Rec. 709 weights). */
function grey({ data, width, height }: Pixels): Float32Array {
  const out = new Float32Array(width * height);
  for (let i = 0; i < out.length; i++)
    out[i] = 0.2126 * data[4 * i]! + 0.7152 * data[4 * i + 1]! + 0.0722 * data[4 * i + 2]!;
  return out;
}

/**
 * How much detail a part of a picture holds: the variance of its Laplacian (four neighbours less four times the middle), over levels
 * of 0 … 255. It says nothing by itself, since it hangs on what is photographed: only frames of one burst can be set side by side. 0 for
 * what is even, or smaller than 3 × 3.
 */
export function sharpnessOf(pixels: Pixels): number {
  const { width, height } = pixels;
  if (width < 3 || height < 3) return 0;
  const level = grey(pixels);
  let [sum, squares, count] = [0, 0, 0];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const i = y * width + x;
      const d = level[i - 1]! + level[i + 1]! + level[i - width]! + level[i + width]! - 4 * level[i]!;
      sum += d;
      squares += d * d;
      count++;
    }
  return Math.max(0, squares / count - (sum / count) ** 2);
}
