import { cosDeg, sinDeg } from "../units";

/** A plane of numbers in linear light, row by row from the upper left. */
export interface Plane {
  /** Pixels, above 0. */
  readonly width: number;
  /** Pixels, above 0. */
  readonly height: number;
  readonly values: Float32Array;
}

/** A place in pixels from the upper left corner. */
export type PixelPoint = readonly [x: number, y: number];

/** A straight smear in pixels of the drawing. */
export interface Smear {
  /** Pixels, 0 or more. */
  readonly length: number;
  /** Degrees, 0 to the right, 90 up. */
  readonly direction: number;
}

export const planeOf = (width: number, height: number, value = 0): Plane => ({
  width,
  height,
  values: new Float32Array(width * height).fill(value),
});

/** Lines of a row at which outlines are crossed: the coverage of an edge is exact along the row and in quarters across it. */
const LINES = 4;

/**
 * How much of each pixel closed outlines cover, 0 … 1; where several lie on each other they count once. Even-odd within an
 * outline.
 */
export function coverage(outlines: readonly (readonly PixelPoint[])[], width: number, height: number): Plane {
  const all = planeOf(width, height);
  const { values } = all;
  for (const outline of outlines)
    covered(outline, width, height, (i, share) => {
      if (share > values[i]!) values[i] = share;
    });
  return all;
}

/** Tells of each pixel that a closed outline touches, by its place in the plane, how much of it is covered, and which column and row it is. */
export function covered(
  outline: readonly PixelPoint[],
  width: number,
  height: number,
  tell: (index: number, share: number, column: number, row: number) => void,
): void {
  let [least, most] = [Infinity, -Infinity];
  let [top, low] = [Infinity, -Infinity];
  for (const [x, y] of outline) {
    if (x < least) least = x;
    if (x > most) most = x;
    if (y < top) top = y;
    if (y > low) low = y;
  }
  const [left, right] = [Math.max(0, Math.floor(least)), Math.min(width, Math.ceil(most))];
  if (!(right > left)) return;
  const line = new Float32Array(right - left);
  for (let row = Math.max(0, Math.floor(top)); row < Math.min(height, Math.ceil(low)); row++) {
    line.fill(0);
    for (let k = 0; k < LINES; k++) {
      const xs = crossings(outline, row + (k + 0.5) / LINES);
      for (let i = 0; i + 1 < xs.length; i += 2) fillSpan(line, xs[i]! - left, xs[i + 1]! - left);
    }
    for (let x = 0; x < line.length; x++)
      if (line[x]! > 0) tell(row * width + left + x, Math.min(1, line[x]!), left + x, row);
  }
}

function crossings(outline: readonly PixelPoint[], y: number): number[] {
  const xs: number[] = [];
  for (let i = 0; i < outline.length; i++) {
    const [ax, ay] = outline[i]!;
    const [bx, by] = outline[(i + 1) % outline.length]!;
    if (ay <= y !== by <= y) xs.push(ax + ((y - ay) / (by - ay)) * (bx - ax));
  }
  return xs.sort((a, b) => a - b);
}

/** Adds a line's share of a span from `from` to `to` px to a row. */
function fillSpan(line: Float32Array, from: number, to: number): void {
  const [a, b] = [Math.max(0, from), Math.min(line.length, to)];
  for (let x = Math.floor(a); x < b; x++) {
    const share = Math.min(x + 1, b) - Math.max(x, a);
    if (share > 0) line[x]! += share / LINES;
  }
}

const inside = (n: number, most: number): number => (n < 0 ? 0 : n > most ? most : n);

/** A value between pixels; beyond the edge that of the edge. Called for every step of every pixel: nothing is made here. */
export function between(values: Float32Array, width: number, height: number, x: number, y: number): number {
  const cx = inside(x, width - 1);
  const cy = inside(y, height - 1);
  const x0 = Math.floor(cx);
  const y0 = Math.floor(cy);
  const fx = cx - x0;
  const fy = cy - y0;
  const row = y0 * width;
  const next = y0 + 1 < height ? row + width : row;
  const x1 = x0 + 1 < width ? x0 + 1 : x0;
  const above = values[row + x0]! * (1 - fx) + values[row + x1]! * fx;
  const below = values[next + x0]! * (1 - fx) + values[next + x1]! * fx;
  return above * (1 - fy) + below * fy;
}

/** A plane with its columns as rows. */
function turnedOver({ width, height, values }: Plane): Plane {
  const out = planeOf(height, width);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) out.values[x * height + y] = values[y * width + x]!;
  return out;
}

/** Smears along a straight line of so many pixels; direction in degrees, 0 to the right, 90 up. Its cost does not grow with its length. */
export function smear(plane: Plane, length: number, direction: number): Plane {
  // Nobody sees a third of a pixel.
  if (length < 0.3) return plane;
  const [along, down] = [cosDeg(direction), -sinDeg(direction)];
  return Math.abs(along) >= Math.abs(down)
    ? smearAcross(plane, length * Math.abs(along), down / along)
    : turnedOver(smearAcross(turnedOver(plane), length * Math.abs(down), along / down));
}

/** Smears over so many columns along lines that fall by `slope` rows a column, by sums along each such line. */
function smearAcross(plane: Plane, columns: number, slope: number): Plane {
  const { width, height, values } = plane;
  const fall = slope * (width - 1);
  const first = Math.floor(Math.min(0, -fall)) - 1;
  const lines = Math.ceil(height - 1 + Math.max(0, -fall)) + 2 - first;
  const line = new Float32Array(width);
  const level = slope === 0;
  const means = new Float32Array(width * lines);
  for (let k = 0; k < lines; k++) {
    for (let x = 0; x < width; x++)
      line[x] = level
        ? values[inside(first + k, height - 1) * width + x]!
        : between(values, width, height, x, first + k + slope * x);
    addSpans(means, k * width, sumsOf(line, 0, width, columns), columns / 2, 1 / columns);
  }
  const out = planeOf(width, height);
  for (let x = 0; x < width; x++) {
    const from = -slope * x - first;
    const k = Math.floor(from);
    const share = from - k;
    for (let y = 0; y < height; y++) {
      const at = (k + y) * width + x;
      out.values[y * width + x] =
        share < 1e-9 ? means[at]! : means[at]! * (1 - share) + means[at + width]! * share;
    }
  }
  return out;
}

/** Sums along a row that goes on at its ends as it is there, far enough for spans so many pixels long. */
interface Sums {
  readonly sums: Float64Array;
  /** Pixels before the row's first one. */
  readonly before: number;
  /** Pixels of the row. */
  readonly width: number;
}

function sumsOf(values: Float32Array, from: number, width: number, span: number): Sums {
  const before = Math.ceil(span / 2) + 2;
  const sums = new Float64Array(width + 2 * before + 1);
  let sum = 0;
  for (let i = 0; i < width + 2 * before; i++) {
    sum += values[from + inside(i - before, width - 1)]!;
    sums[i + 1] = sum;
  }
  return { sums, before, width };
}

/** Adds to a row, for each of its pixels, a share of what lies within half a span to both sides of its middle. */
function addSpans(
  out: Float32Array,
  at: number,
  { sums, before, width }: Sums,
  half: number,
  share: number,
  from = 0,
  to = width,
): void {
  // Where a span begins and ends lies as far from the pixel everywhere.
  const right = before + 0.5 + half;
  const left = before + 0.5 - half;
  const [r, l] = [Math.floor(right), Math.floor(left)];
  const [fr, fl] = [right - r, left - l];
  for (let x = from; x < to; x++) {
    const end = sums[r + x]! + fr * (sums[r + x + 1]! - sums[r + x]!);
    const begin = sums[l + x]! + fl * (sums[l + x + 1]! - sums[l + x]!);
    out[at + x]! += share * (end - begin);
  }
}

/** Spread of a Gaussian in pixels along the picture's width and its height, 0 or more. */
export interface Spread {
  /** Pixels. */
  readonly across: number;
  /** Pixels. */
  readonly up: number;
}

/** Blurs by a Gaussian of so many pixels of spread. */
export function gauss(plane: Plane, { across, up }: Spread): Plane {
  return spreadOut(spreadOut(plane, across, 1, 0), up, 0, 1);
}

function spreadOut(plane: Plane, sigma: number, dx: number, dy: number): Plane {
  // Nobody sees an eighth of a pixel.
  if (sigma < 0.12) return plane;
  const reach = Math.ceil(4 * sigma);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, i) =>
    Math.exp(-((i - reach) ** 2) / (2 * sigma ** 2)),
  );
  const sum = weights.reduce((a, b) => a + b, 0);
  const kernel = weights.map((w) => w / sum);
  return along(plane, kernel, reach, dx, dy);
}

function along(plane: Plane, kernel: readonly number[], reach: number, dx: number, dy: number): Plane {
  const { width, height, values } = plane;
  const out = planeOf(width, height);
  const step = dy * width + dx;
  const weights = Float64Array.from(kernel);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const at = y * width + x;
      const place = dx === 1 ? x : y;
      const most = (dx === 1 ? width : height) - 1;
      let sum = 0;
      // Away from the edges nothing needs to be held inside.
      if (place >= reach && place <= most - reach)
        for (let k = 0, from = at - reach * step; k < weights.length; k++, from += step)
          sum += weights[k]! * values[from]!;
      else
        for (let k = -reach; k <= reach; k++)
          sum += weights[k + reach]! * values[at + (inside(place + k, most) - place) * step]!;
      out.values[at] = sum;
    }
  return out;
}

/** Rows of a pixel at which the edge of a disc is taken: a small disc is round for that, a wide one is with fewer. */
const discRowsOf = (radius: number): number => (radius < 4 ? 2 : 1);
/** A disc wider than twice this in pixels is laid on a coarser plane. */
const FINE_DISC = 14;

/**
 * A disc on a plane so many times coarser, in its pixels: smaller by what the coarse pixels and drawing them evenly over the finer ones blur
 * already, a twelfth and a sixth of the square of a pixel, against a sixteenth of the disc's.
 */
export const onCoarser = (diameter: number, by: number): number =>
  by === 1 ? diameter : Math.sqrt(Math.max(0, diameter * diameter - 4 * by * by)) / by;

/** How many times coarser a plane may be for a disc of so many pixels across: nothing so soft has finer detail. */
export const coarserFor = (diameter: number): number => Math.max(1, Math.floor(diameter / FINE_DISC));

/**
 * Blurs by an even disc of so many pixels across. A wide one is worked out on a coarser plane, which adds under a hundredth to its
 * width: its cost does not grow with its size.
 */
export function disc(plane: Plane, diameter: number): Plane {
  // Nobody sees a disc of half a pixel.
  if (diameter < 0.5) return plane;
  const coarser = coarserFor(diameter);
  if (coarser < 2) return fineDisc(plane, diameter);
  return spread(
    fineDisc(shrunk(plane, coarser), onCoarser(diameter, coarser)),
    coarser,
    plane.width,
    plane.height,
  );
}

/** A plane whose pixels are means of so many by so many; those that hang over the edge are of what there is. */
function shrunk({ width, height, values }: Plane, by: number): Plane {
  const out = planeOf(Math.ceil(width / by), Math.ceil(height / by));
  for (let y = 0; y < out.height; y++)
    for (let x = 0; x < out.width; x++) {
      const [right, low] = [Math.min(width, (x + 1) * by), Math.min(height, (y + 1) * by)];
      let sum = 0;
      for (let row = y * by; row < low; row++)
        for (let column = x * by; column < right; column++) sum += values[row * width + column]!;
      out.values[y * out.width + x] = sum / ((right - x * by) * (low - y * by));
    }
  return out;
}

/** A coarse plane drawn evenly over a finer one. */
function spread(coarse: Plane, by: number, width: number, height: number): Plane {
  const out = planeOf(width, height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      out.values[y * width + x] = between(
        coarse.values,
        coarse.width,
        coarse.height,
        (x + 0.5) / by - 0.5,
        (y + 0.5) / by - 0.5,
      );
  return out;
}

function fineDisc(plane: Plane, diameter: number): Plane {
  const { width, height, values } = plane;
  const rows = discRows(diameter / 2);
  const area = rows.reduce((sum, r) => sum + 2 * r.half * r.share, 0);
  const out = planeOf(width, height);
  for (let from = 0; from < height; from++) {
    const held = heldIn(values, from * width, width);
    if (!held) continue;
    const sums = sumsOf(values, from * width, width, diameter);
    for (const { by, half, share } of rows) {
      // A row off the edge is the last one there: it counts for all that lie beyond.
      const first = from === 0 ? 0 : from - by;
      const last = from === height - 1 ? height - 1 : from - by;
      const [left, right] = [
        Math.max(0, Math.floor(held.first - half)),
        Math.min(width, Math.ceil(held.last + half) + 1),
      ];
      for (let y = Math.max(0, first); y <= Math.min(height - 1, last); y++)
        if (inside(y + by, height - 1) === from)
          addSpans(out.values, y * width, sums, half, share / area, left, right);
    }
  }
  return out;
}

/** From where to where a row holds anything; nothing of an empty one. */
function heldIn(values: Float32Array, from: number, width: number) {
  let first = 0;
  while (first < width && values[from + first] === 0) first++;
  if (first === width) return undefined;
  let last = width - 1;
  while (values[from + last] === 0) last--;
  return { first, last };
}

/** A disc as spans of rows: by how many rows off, half a span's length, and the share of the row. */
function discRows(radius: number): { by: number; half: number; share: number }[] {
  const rows: { by: number; half: number; share: number }[] = [];
  const reach = Math.ceil(radius + 0.5);
  const perPixel = discRowsOf(radius);
  for (let by = -reach; by <= reach; by++)
    for (let i = 0; i < perPixel; i++) {
      const y = by + (i + 0.5) / perPixel - 0.5;
      if (Math.abs(y) < radius)
        rows.push({ by, half: Math.sqrt(radius * radius - y * y), share: 1 / perPixel });
    }
  return rows;
}
