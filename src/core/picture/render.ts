import type { Tint } from "../ground";
import { luminanceOfLinear, MIDDLE_REFLECTANCE as MIDDLE } from "../units";
import { grainOf } from "./grain";
import {
  between,
  coarserFor,
  covered,
  disc,
  gauss,
  onCoarser,
  planeOf,
  smear,
  type PixelPoint,
  type Plane,
  type Smear,
  type Spread,
} from "./raster";
import { catchlightOn, lightOn, planeThrough, surfaceOf, type LitBy, type Round, type Seen3 } from "./shade";
import { laySurroundings, type Surroundings } from "./surroundings";

/** Something of one colour in the picture, flat or round. */
export interface Shape {
  readonly outline: readonly PixelPoint[];
  /** Luminance against what a right exposure makes a perfect white, 0 or more, where as much light falls on it as on the seen side of the subject. */
  readonly luminance: number;
  readonly tint: Tint;
  /** Set for what is lit by the way its surface looks. */
  readonly round?: Round;
  /** Set for what mirrors what is bright: an eye. */
  readonly glossy?: boolean;
  /** Set for what is flat and lit by the way it looks, through a place of it in pixels. */
  readonly flat?: { readonly looks: Seen3; readonly through: Seen3 };
}

/**
 * Shapes of the picture that are blurred alike. What is round or flat in space hides what lies farther from the camera; of all else what comes
 * later stands before. Layers that come later stand before.
 */
export interface Layer {
  readonly shapes: readonly Shape[];
  readonly smear?: Smear;
  /** What is swung about a hub: degrees through which it turns while the shutter is open. */
  readonly turn?: { readonly hub: PixelPoint; readonly degrees: number };
  /** Share 0 … 1 of the light behind that it keeps; all of it when left out. */
  readonly share?: number;
  /** Diameter in pixels of its defocus disc, 0 or more. */
  readonly disc: number;
  /** Set for what is of the subject. */
  readonly isSubject?: boolean;
}

export interface PictureInput {
  /** Pixels of the drawing, above 0. */
  readonly width: number;
  /** Pixels, above 0. */
  readonly height: number;
  /** Sky or wall, and ground; the middle tone where nothing is told. */
  readonly surroundings?: Surroundings;
  /** The light about the subject; even where it is not told. */
  readonly lit?: LitBy;
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

/** Luminance of a picture, linear, pixel by pixel. */
export const luminanceOf = ({ width, height, channels: [r, g, b] }: Picture): Plane => ({
  width,
  height,
  values: r.values.map((red, i) => luminanceOfLinear(red, g.values[i]!, b.values[i]!)),
});

/**
 * A picture in linear light: what surrounds, then layers each smeared and blurred by its own, then what blurs everything, exposure and
 * noise. The shot noise of a tone goes with the root of its light. One pixel is one of the drawing.
 */
export function renderPicture(input: PictureInput): Picture {
  const { width, height } = input;
  const channels = [0, 1, 2].map(() => planeOf(width, height, MIDDLE)) as [Plane, Plane, Plane];
  if (input.surroundings) laySurroundings(channels, input.surroundings);
  for (const layer of input.layers) layOver(channels, layer, input.lit);
  const exposed = channels.map((plane) => gauss(plane, input.gauss)) as [Plane, Plane, Plane];
  expose(exposed, input);
  return { width, height, channels: exposed };
}

/** Gives a picture its exposure and its grain. */
function expose(channels: readonly Plane[], { stops, noise, seed }: PictureInput): void {
  const gain = 2 ** stops;
  const random = grainOf(seed);
  const middle = MIDDLE * gain;
  const count = channels[0]!.values.length;
  for (let i = 0; i < count; i++) {
    const grainHere = noise === 0 ? 0 : noise * random();
    for (const { values } of channels) {
      const light = values[i]! * gain;
      // The root of the light: a tone of four times the light has twice the noise, half of it against itself.
      values[i] = Math.max(0, light + grainHere * Math.sqrt(light * middle));
    }
  }
}

/** Pixels by which blur reaches beyond what is blurred. */
const reachOf = ({ smear: s, disc: d }: Pick<Layer, "smear" | "disc">): number =>
  Math.ceil((s?.length ?? 0) / 2 + d / 2) + 2;

/**
 * Lays a layer over a picture: how much of each pixel its shapes cover, and their light there, are smeared and blurred alike. Only the part
 * about its outlines is worked on, and as far beyond the picture's edge as its blur reaches in; what is very soft on a coarser tile.
 */
function layOver(channels: readonly Plane[], whole: Layer, lit: LitBy | undefined): void {
  const by = coarserFor(whole.disc);
  const layer = by === 1 ? whole : smaller(whole, by);
  const { smear: s, disc: d } = layer;
  const { width, height } = channels[0]!;
  const steps = swings(layer);
  const box = boxOf(layer, steps, Math.ceil(width / by), Math.ceil(height / by));
  if (!box) return;
  const tile = tileOf(box.width, box.height, isPlain(layer.shapes));
  for (const shapes of steps) paintAll(tile, shapes, box, lit, 1 / steps.length);
  const blurred = (plane: Plane): Plane => disc(s ? smear(plane, s.length, s.direction) : plane, d);
  composite(channels, layer, box, by, blurred(tile.cover), tile.light?.map(blurred));
}

/** A shape whose every place is another, and whose balls are so many times as large. */
const placed = (
  { round, flat, ...shape }: Shape,
  at: (place: PixelPoint) => PixelPoint,
  times = 1,
): Shape => {
  const at3 = ([x, y, z]: Seen3): Seen3 => [...at([x, y]), z * times];
  return {
    ...shape,
    outline: shape.outline.map(at),
    ...(round && {
      round: {
        from: at3(round.from),
        to: at3(round.to),
        radii: [round.radii[0] * times, round.radii[1] * times] as const,
      },
    }),
    ...(flat && { flat: { ...flat, through: at3(flat.through) } }),
  };
};

/** A layer on a drawing so many times smaller. */
function smaller(layer: Layer, by: number): Layer {
  const at = ([x, y]: PixelPoint): PixelPoint => [x / by, y / by];
  return {
    ...layer,
    disc: onCoarser(layer.disc, by),
    ...(layer.smear && { smear: { ...layer.smear, length: layer.smear.length / by } }),
    ...(layer.turn && { turn: { ...layer.turn, hub: at(layer.turn.hub) } }),
    shapes: layer.shapes.map((shape) => placed(shape, at, 1 / by)),
  };
}

/** Puts a blurred tile over the picture, of which each of its pixels stands for `by` times `by`. */
function composite(
  channels: readonly Plane[],
  layer: Layer,
  box: { readonly left: number; readonly top: number; readonly width: number; readonly height: number },
  by: number,
  cover: Plane,
  light: readonly Plane[] | undefined,
): void {
  const { width, height } = channels[0]!;
  const [first, last] = [Math.max(0, box.top * by), Math.min(height, (box.top + box.height) * by)];
  const [left, right] = [Math.max(0, box.left * by), Math.min(width, (box.left + box.width) * by)];
  const kept = layer.share ?? 1;
  const plain = layer.shapes[0]!;
  const tones = plain.tint.map((c) => c * plain.luminance);
  for (let y = first; y < last; y++) {
    const row = (y + 0.5) / by - 0.5 - box.top;
    for (let x = left; x < right; x++) {
      const column = (x + 0.5) / by - 0.5 - box.left;
      const share = seenAt(cover, column, row, by);
      if (share === 0) continue;
      const to = y * width + x;
      for (let c = 0; c < 3; c++) {
        const values = channels[c]!.values;
        values[to] =
          values[to]! * (1 - kept * share) +
          kept * (light ? seenAt(light[c]!, column, row, by) : tones[c]! * share);
      }
    }
  }
}

/** The value of a tile at a place of it: its own pixel where one of it is one of the drawing. */
const seenAt = ({ width, height, values }: Plane, column: number, row: number, by: number): number =>
  by === 1 ? values[row * width + column]! : between(values, width, height, column, row);

/** How much of each pixel is covered, and the red, green and blue light of it; that alone of what has one tone throughout. */
interface Tile {
  readonly cover: Plane;
  readonly light?: readonly [Plane, Plane, Plane];
  /** How far toward the camera lies what covers a pixel, where that is known. */
  readonly toward?: Plane;
}

const tileOf = (width: number, height: number, plain: boolean): Tile => ({
  cover: planeOf(width, height),
  ...(!plain && {
    light: [planeOf(width, height), planeOf(width, height), planeOf(width, height)],
    toward: planeOf(width, height, -Infinity),
  }),
});

/** Whether shapes are all of one tone, whichever way they look. */
const isPlain = (shapes: readonly Shape[]): boolean =>
  shapes.every(
    ({ round, flat, luminance, tint }) =>
      !round &&
      !flat &&
      luminance === shapes[0]!.luminance &&
      tint.every((value, c) => value === shapes[0]!.tint[c]),
  );

/** Paints shapes over a tile, each over those before it, so much of the time. */
function paintAll(
  tile: Tile,
  shapes: readonly Shape[],
  { left, top }: { readonly left: number; readonly top: number },
  lit: LitBy | undefined,
  time: number,
): void {
  const whole = time === 1 ? tile : tileOf(tile.cover.width, tile.cover.height, !tile.light);
  for (const shape of shapes) paint(whole, shape, left, top, lit);
  if (whole === tile) return;
  const add = (sum: Plane, one: Plane): void => {
    for (let i = 0; i < sum.values.length; i++) sum.values[i]! += time * one.values[i]!;
  };
  add(tile.cover, whole.cover);
  tile.light?.forEach((plane, c) => add(plane, whole.light![c]!));
}

/** Where two limbs join their surfaces meet; what came first keeps what is nearer by no more pixels than this. */
const JOINED = 0.2;

/** Paints one shape over a tile whose upper left corner lies at a place of the drawing. */
function paint(
  { cover, light, toward }: Tile,
  shape: Shape,
  left: number,
  top: number,
  lit: LitBy | undefined,
): void {
  const outline = shape.outline.map(([x, y]): PixelPoint => [x - left, y - top]);
  const { width, height, values: covers } = cover;
  if (!light || !toward) {
    covered(outline, width, height, (i, share) => {
      if (share > covers[i]!) covers[i] = share;
    });
    return;
  }
  const { luminance, tint, round, flat, glossy } = shape;
  const surface = round ? surfaceOf(round) : flat && planeThrough(flat.looks, flat.through);
  const [r, g, b] = light.map((plane) => plane.values) as [Float32Array, Float32Array, Float32Array];
  const depths = toward.values;
  covered(outline, width, height, (i, share, column, row) => {
    const seen = surface?.(column + left + 0.5, row + top + 0.5);
    const tone =
      luminance * (seen && lit ? lightOn(seen.normal, lit) : 1) +
      (glossy && seen && lit ? catchlightOn(seen.normal, lit) : 0);
    const deep = seen?.toward ?? Infinity;
    const was = covers[i]!;
    if (deep < depths[i]! + JOINED) {
      // Behind what is there: seen through what that leaves open.
      const open = (1 - was) * share;
      if (open === 0) return;
      covers[i] = was + open;
      r[i]! += open * tone * tint[0];
      g[i]! += open * tone * tint[1];
      b[i]! += open * tone * tint[2];
      return;
    }
    const rest = 1 - share;
    covers[i] = was * rest + share;
    r[i] = r[i]! * rest + share * tone * tint[0];
    g[i] = g[i]! * rest + share * tone * tint[1];
    b[i] = b[i]! * rest + share * tone * tint[2];
    if (surface && (share > 0.5 || depths[i] === -Infinity)) depths[i] = deep;
  });
}

/** Degrees from one drawing of something swung to the next, and how many there are at most. */
const SWING = { step: 1.5, most: 48 };

/** The shapes of a layer through its exposure: once where nothing turns. */
function swings({ shapes, turn }: Layer): (readonly Shape[])[] {
  if (!turn || turn.degrees === 0) return [shapes];
  const [hx, hy] = turn.hub;
  const steps = Math.max(2, Math.min(SWING.most, Math.ceil(Math.abs(turn.degrees) / SWING.step)));
  return Array.from({ length: steps }, (_, i) => {
    const angle = (turn.degrees * ((i + 0.5) / steps - 0.5) * Math.PI) / 180;
    const [c, s] = [Math.cos(angle), Math.sin(angle)];
    // Rows run down: a positive turn is anticlockwise as one sees it.
    const at = ([x, y]: PixelPoint): PixelPoint => [
      hx + (x - hx) * c + (y - hy) * s,
      hy - (x - hx) * s + (y - hy) * c,
    ];
    return shapes.map((shape) => placed(shape, at));
  });
}

/** The part of the drawing that a layer can touch, with what its blur brings in from beyond the edge; none where it touches nothing. */
function boxOf(layer: Layer, steps: readonly (readonly Shape[])[], width: number, height: number) {
  const reach = reachOf(layer);
  let [least, most, up, low] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const shapes of steps)
    for (const { outline } of shapes)
      for (const [x, y] of outline) {
        least = Math.min(least, x);
        most = Math.max(most, x);
        up = Math.min(up, y);
        low = Math.max(low, y);
      }
  const span = (from: number, to: number, side: number): readonly [number, number] => [
    Math.max(-reach, Math.floor(from) - reach),
    Math.min(side + reach, Math.ceil(to) + reach),
  ];
  const [left, right] = span(least, most, width);
  const [top, bottom] = span(up, low, height);
  if (!(right > Math.max(0, left) && left < width && bottom > Math.max(0, top) && top < height))
    return undefined;
  return { left, top, width: right - left, height: bottom - top };
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
