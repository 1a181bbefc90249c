import { coverage, disc, gauss, planeOf, smear, type PixelPoint, type Plane } from "./raster";

/** A straight smear in pixels of the drawing; direction in degrees, 0 to the right, 90 up. */
export interface Smear {
  readonly length: number;
  readonly direction: number;
}

/** Something flat in the picture: its outlines, how bright it is, how far it is blurred. Those that come later stand before. */
export interface Layer {
  readonly outlines: readonly (readonly PixelPoint[])[];
  /** Luminance against what a right exposure makes a perfect white, 0 or more; the middle is 0.157. */
  readonly luminance: number;
  /** How much brighter its right than its left edge is, in shares of the luminance, −1 … 1: where the light stands. */
  readonly fromRight?: number;
  readonly smear?: Smear;
  /** Diameter in pixels of its defocus disc, 0 or more. */
  readonly disc: number;
}

/** A texture that fills a part of the picture, as grass, leaves or a crowd do. */
export interface Texture {
  /** Upper and lower row between which it lies, pixels. */
  readonly from: number;
  readonly to: number;
  readonly luminance: number;
  /** Size in pixels of its details, above 0, and how far they differ, 0 … 1. */
  readonly detail: number;
  readonly contrast: number;
  readonly smear?: Smear;
  readonly disc: number;
}

export interface PictureInput {
  /** Pixels of the drawing, above 0. */
  readonly width: number;
  readonly height: number;
  readonly textures: readonly Texture[];
  readonly layers: readonly Layer[];
  /** Spread in pixels of what blurs everything: shake, diffraction and pixel. */
  readonly gauss: number;
  /** Stops by which it comes out brighter than right; negative is darker. */
  readonly stops: number;
  /** Standard deviation of the noise at the middle tone, as a share of it, 0 or more. */
  readonly noise: number;
  /** The same seed gives the same grain. */
  readonly seed: number;
}

/** Luminance of the middle tone: the reflectance that a meter takes for it, πK/C (ISO 2720). */
const MIDDLE = 0.157;

/**
 * A picture in linear light: textures, then layers each smeared and blurred by its own, then what blurs everything, exposure and
 * noise. The shot noise of a tone goes with the root of its light. One pixel is one of the drawing.
 */
export function renderPicture(input: PictureInput): Plane {
  const { width, height, stops, noise, seed } = input;
  let picture = planeOf(width, height, MIDDLE);
  input.textures.forEach((texture, i) => {
    picture = laidTexture(picture, texture, seed + i + 1);
  });
  for (const layer of input.layers) picture = laidOver(picture, layer);
  picture = gauss(picture, input.gauss);
  const gain = 2 ** stops;
  const random = grain(seed);
  // What is exposed less collects less light: its noise is larger against it.
  const atMiddle = noise * MIDDLE * gain;
  for (let i = 0; i < picture.values.length; i++) {
    const light = picture.values[i]! * gain;
    const sigma = noise === 0 ? 0 : atMiddle * Math.sqrt(light / (MIDDLE * gain));
    picture.values[i] = Math.max(0, light + sigma * random());
  }
  return picture;
}

function laidOver(picture: Plane, { outlines, luminance, fromRight = 0, smear: s, disc: d }: Layer): Plane {
  const { width, height } = picture;
  let mask = coverage(outlines, width, height);
  if (s) mask = smear(mask, s.length, s.direction);
  mask = disc(mask, d);
  const xs = outlines.flat().map(([x]) => x);
  const [left, right] = [Math.min(...xs), Math.max(...xs)];
  const out = planeOf(width, height);
  for (let i = 0; i < out.values.length; i++) {
    const share = mask.values[i]!;
    const across = right > left ? Math.min(1, Math.max(0, ((i % width) - left) / (right - left))) : 0.5;
    const lit = luminance * (1 + fromRight * (2 * across - 1));
    out.values[i] = picture.values[i]! * (1 - share) + lit * share;
  }
  return out;
}

function laidTexture(picture: Plane, texture: Texture, seed: number): Plane {
  const { width, height } = picture;
  const { from, to, luminance, detail, contrast, smear: s, disc: d } = texture;
  let tile = planeOf(width, height);
  const random = grain(seed);
  const size = Math.max(1, detail);
  const [columns, rows] = [Math.ceil(width / size) + 2, Math.ceil(height / size) + 2];
  const spots = Float32Array.from({ length: columns * rows }, () => Math.max(-1, Math.min(1, random() / 2)));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const spot = spots[Math.floor(y / size) * columns + Math.floor(x / size)]!;
      tile.values[y * width + x] = luminance * (1 + contrast * spot);
    }
  if (s) tile = smear(tile, s.length, s.direction);
  tile = disc(tile, d);
  const out = planeOf(width, height);
  out.values.set(picture.values);
  const [first, last] = [Math.max(0, Math.round(from)), Math.min(height, Math.round(to))];
  for (let i = first * width; i < last * width; i++) out.values[i] = tile.values[i]!;
  return out;
}

/** Normal numbers from a seed (mulberry32, then Box and Muller 1958). */
function grain(seed: number): () => number {
  let state = Math.floor(seed) | 0;
  const even = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

/** sRGB value 0 … 255 of a linear one, white at 1 and what is above it cut (IEC 61966-2-1). */
export function displayValue(linear: number): number {
  const c = Math.min(1, Math.max(0, linear));
  return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
}
