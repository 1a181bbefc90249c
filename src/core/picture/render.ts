import type { Tint } from "../ground";
import { luminanceOfLinear, MIDDLE_REFLECTANCE as MIDDLE } from "../units";
import { grainOf } from "./grain";
import {
  coverage,
  disc,
  gauss,
  planeOf,
  rowsOf,
  smear,
  type PixelPoint,
  type Plane,
  type Spread,
} from "./raster";

/** A straight smear in pixels of the drawing; direction in degrees, 0 to the right, 90 up. */
export interface Smear {
  /** Pixels, 0 or more. */
  readonly length: number;
  /** Degrees, 0 to the right, 90 up. */
  readonly direction: number;
}

/** Something flat in the picture: its outlines, how bright it is, how far it is blurred. Those that come later stand before. */
export interface Layer {
  readonly outlines: readonly (readonly PixelPoint[])[];
  /** Luminance against what a right exposure makes a perfect white, 0 or more; the middle is that of a meter. */
  readonly luminance: number;
  readonly tint: Tint;
  /** Set for round bodies: how much brighter the right edge of each outline is than its left, −1 … 1. */
  readonly fromRight?: number;
  readonly smear?: Smear;
  /** What is swung about a hub: degrees through which it turns while the shutter is open. */
  readonly turn?: { readonly hub: PixelPoint; readonly degrees: number };
  /** Share 0 … 1 of the light behind that it keeps; all of it when left out. */
  readonly share?: number;
  /** Diameter in pixels of its defocus disc, 0 or more. */
  readonly disc: number;
}

/** A texture that fills a part of the picture, as grass, leaves or a crowd do. */
export interface Texture {
  /** Upper and lower row between which it lies, pixels. */
  readonly from: number;
  /** Lower row, pixels; below the upper one. */
  readonly to: number;
  /** As that of a layer, 0 or more. */
  readonly luminance: number;
  readonly tint: Tint;
  /** Size in pixels of its details, above 0, and how far they differ, 0 … 1. */
  readonly detail: number;
  /** How far they differ, 0 … 1. */
  readonly contrast: number;
  readonly smear?: Smear;
  /** Diameter in pixels of its defocus disc, 0 or more. */
  readonly disc: number;
}

export interface PictureInput {
  /** Pixels of the drawing, above 0. */
  readonly width: number;
  /** Pixels, above 0. */
  readonly height: number;
  readonly textures: readonly Texture[];
  readonly layers: readonly Layer[];
  /** Spread of what blurs everything: shake, diffraction and pixel. */
  readonly gauss: Spread;
  /** Stops by which it comes out brighter than right; negative is darker. */
  readonly stops: number;
  /** Standard deviation of the noise at the middle tone, as a share of it, 0 or more. */
  readonly noise: number;
  /** The same seed gives the same grain. */
  readonly seed: number;
}

/** A picture in linear light. */
export interface Picture {
  /** Pixels. */
  readonly width: number;
  /** Pixels. */
  readonly height: number;
  /** Red, green and blue; white is 1 of each, and more is brighter than a screen shows. */
  readonly channels: readonly [Plane, Plane, Plane];
}

/** How much darker the edges of a round body are than its middle under an even sky (assumed). */
const ROUND = 0.28;
/** Luminance of a picture, linear, pixel by pixel. */
export const luminanceOf = ({ width, height, channels: [r, g, b] }: Picture): Plane => ({
  width,
  height,
  values: r.values.map((red, i) => luminanceOfLinear(red, g.values[i]!, b.values[i]!)),
});

/**
 * A picture in linear light: textures, then layers each smeared and blurred by its own, then what blurs everything, exposure and
 * noise. The shot noise of a tone goes with the root of its light. One pixel is one of the drawing.
 */
export function renderPicture(input: PictureInput): Picture {
  const { width, height, seed } = input;
  const channels = [0, 1, 2].map(() => planeOf(width, height, MIDDLE)) as [Plane, Plane, Plane];
  for (const texture of input.textures) layTexture(channels, texture, seed + 1);
  for (const layer of input.layers) layOver(channels, layer);
  const exposed = channels.map((plane) => gauss(plane, input.gauss)) as [Plane, Plane, Plane];
  expose(exposed, input);
  return { width, height, channels: exposed };
}

/** Gives a picture its exposure and its grain. */
function expose(channels: readonly Plane[], { stops, noise, seed }: PictureInput): void {
  const gain = 2 ** stops;
  const random = grainOf(seed);
  const count = channels[0]!.values.length;
  for (let i = 0; i < count; i++) {
    const grainHere = noise === 0 ? 0 : noise * random();
    for (const { values } of channels) {
      const light = values[i]! * gain;
      // The root of the light: a tone of four times the light has twice the noise, half of it against itself.
      values[i] = Math.max(0, light + grainHere * Math.sqrt(light * MIDDLE * gain));
    }
  }
}

/** Pixels by which blur reaches beyond what is blurred. */
const reachOf = ({ smear: s, disc: d }: Pick<Layer, "smear" | "disc">): number =>
  Math.ceil((s?.length ?? 0) / 2 + d / 2) + 2;

/**
 * Lays a layer over a picture: how much of each pixel it covers, and how it is lit there, are smeared and blurred alike. Only the
 * part about its outlines is worked on, and as far beyond the picture's edge as its blur reaches in.
 */
function layOver(channels: readonly Plane[], layer: Layer): void {
  const { smear: s, disc: d, luminance, tint } = layer;
  const { width, height } = channels[0]!;
  const swung = swings(layer);
  const box = boxOf({ ...layer, outlines: swung.flat() }, width, height);
  if (!box) return;
  const seen = swung.map((outlines) => {
    const moved = outlines.map((o) => o.map(([x, y]): PixelPoint => [x - box.left, y - box.top]));
    return litOf({ ...layer, outlines: moved }, box.width, box.height);
  });
  const { cover, lit } = meanOf(seen);
  const blurred = (plane: Plane): Plane => disc(s ? smear(plane, s.length, s.direction) : plane, d);
  const share = blurred(cover);
  const light = lit === cover ? share : blurred(lit);
  const [first, last] = [Math.max(0, box.top), Math.min(height, box.top + box.height)];
  const [left, right] = [Math.max(0, box.left), Math.min(width, box.left + box.width)];
  const kept = layer.share ?? 1;
  channels.forEach(({ values }, c) => {
    for (let y = first; y < last; y++)
      for (let x = left; x < right; x++) {
        const from = (y - box.top) * box.width + x - box.left;
        const to = y * width + x;
        values[to] =
          values[to]! * (1 - kept * share.values[from]!) + luminance * tint[c]! * kept * light.values[from]!;
      }
  });
}

/** Degrees from one drawing of something swung to the next, and how many there are at most. */
const SWING = { step: 1.5, most: 48 };

/** The outlines of a layer through its exposure: once where nothing turns. */
function swings({ outlines, turn }: Layer): (readonly (readonly PixelPoint[])[])[] {
  if (!turn || turn.degrees === 0) return [outlines];
  const [hx, hy] = turn.hub;
  const steps = Math.max(2, Math.min(SWING.most, Math.ceil(Math.abs(turn.degrees) / SWING.step)));
  return Array.from({ length: steps }, (_, i) => {
    const angle = (turn.degrees * ((i + 0.5) / steps - 0.5) * Math.PI) / 180;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    // Rows run down: a positive turn is anticlockwise as one sees it.
    return outlines.map((o) =>
      o.map(([x, y]): PixelPoint => [hx + (x - hx) * c + (y - hy) * s, hy - (x - hx) * s + (y - hy) * c]),
    );
  });
}

/** What is seen for equal times, one after the other. */
function meanOf(seen: readonly { cover: Plane; lit: Plane }[]): { cover: Plane; lit: Plane } {
  const [first] = seen;
  if (seen.length === 1) return first!;
  const mean = (of: (one: { cover: Plane; lit: Plane }) => Plane): Plane => {
    const sum = planeOf(first!.cover.width, first!.cover.height);
    for (const one of seen) of(one).values.forEach((v, i) => (sum.values[i]! += v / seen.length));
    return sum;
  };
  return { cover: mean((one) => one.cover), lit: mean((one) => one.lit) };
}

/** The part of the drawing that a layer can touch, with what its blur brings in from beyond the edge; none where it touches nothing. */
function boxOf(layer: Layer, width: number, height: number) {
  const reach = reachOf(layer);
  const points = layer.outlines.flat();
  const span = (values: readonly number[], most: number): readonly [number, number] => [
    Math.max(-reach, Math.floor(Math.min(...values)) - reach),
    Math.min(most + reach, Math.ceil(Math.max(...values)) + reach),
  ];
  const [left, right] = span(
    points.map(([x]) => x),
    width,
  );
  const [top, low] = span(
    points.map(([, y]) => y),
    height,
  );
  if (!(right > Math.max(0, left) && left < width && low > Math.max(0, top) && top < height))
    return undefined;
  return { left, top, width: right - left, height: low - top };
}

/** How much of each pixel a layer covers, and its light there against its own luminance, already times the cover. */
function litOf({ outlines, fromRight }: Layer, width: number, height: number): { cover: Plane; lit: Plane } {
  if (fromRight === undefined) {
    const cover = coverage(outlines, width, height);
    return { cover, lit: cover };
  }
  const [cover, lit] = [planeOf(width, height), planeOf(width, height)];
  for (const outline of outlines) {
    const one = coverage([outline], width, height);
    const xs = outline.map(([x]) => x);
    const left = Math.min(...xs);
    const span = Math.max(1e-6, Math.max(...xs) - left);
    for (let i = 0; i < one.values.length; i++) {
      const share = one.values[i]!;
      if (share === 0) continue;
      const across = 2 * Math.min(1, Math.max(0, ((i % width) + 0.5 - left) / span)) - 1;
      const here = 1 + fromRight * across - ROUND * across * across;
      lit.values[i] = lit.values[i]! * (1 - share) + here * share;
      cover.values[i] = Math.max(cover.values[i]!, share);
    }
  }
  return { cover, lit };
}

function layTexture(channels: readonly Plane[], texture: Texture, seed: number): void {
  const { from, to, luminance, tint, smear: s, disc: d } = texture;
  const { width, height } = channels[0]!;
  const first = Math.max(0, Math.round(from));
  const last = Math.min(height, Math.round(to));
  if (first >= last) return;
  const reach = reachOf(texture);
  const [above, below] = [Math.max(0, first - reach), Math.min(height, last + reach)];
  let tile = rowsOf(patternOf(texture, width, height, seed), above, below);
  if (texture.contrast > 0) tile = disc(s ? smear(tile, s.length, s.direction) : tile, d);
  channels.forEach(({ values }, c) => {
    for (let i = first * width; i < last * width; i++)
      values[i] = luminance * tint[c]! * tile.values[i - above * width]!;
  });
}

/** Soft spots of a size about 1, as much brighter and darker as they differ. */
function patternOf({ detail, contrast }: Texture, width: number, height: number, seed: number): Plane {
  const tile = planeOf(width, height, 1);
  if (contrast === 0) return tile;
  const random = grainOf(seed);
  const size = Math.max(1, detail);
  const columns = Math.ceil(width / size) + 2;
  const spots = Float32Array.from({ length: columns * (Math.ceil(height / size) + 2) }, () =>
    Math.max(-1, Math.min(1, random() / 2)),
  );
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const column = Math.floor(x / size);
      const row = Math.floor(y / size) * columns;
      const fx = x / size - column;
      const fy = y / size - Math.floor(y / size);
      const above = spots[row + column]! * (1 - fx) + spots[row + column + 1]! * fx;
      const below = spots[row + columns + column]! * (1 - fx) + spots[row + columns + column + 1]! * fx;
      tile.values[y * width + x] = 1 + contrast * (above * (1 - fy) + below * fy);
    }
  return tile;
}

/** sRGB value 0 … 255 of a linear one, white at 1 and what is above it cut (IEC 61966-2-1). */
export function displayValue(linear: number): number {
  const c = Math.min(1, Math.max(0, linear));
  return Math.round(255 * (c <= 0.0031308 ? 12.92 * c : 1.055 * c ** (1 / 2.4) - 0.055));
}

/** The picture as bytes of red, green, blue and opacity, row by row, as a screen takes them. */
export function displayBytes({ width, height, channels }: Picture): Uint8ClampedArray {
  const bytes = new Uint8ClampedArray(4 * width * height).fill(255);
  channels.forEach(({ values }, c) => {
    for (let i = 0; i < values.length; i++) bytes[4 * i + c] = displayValue(values[i]!);
  });
  return bytes;
}
