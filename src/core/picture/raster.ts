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

/** The rows of a plane from one to before another. */
export const rowsOf = ({ width, values }: Plane, first: number, last: number): Plane => ({
  width,
  height: last - first,
  values: values.subarray(first * width, last * width),
});

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
  for (const outline of outlines) {
    const one = new Float32Array(width * height);
    for (let line = 0; line < height * LINES; line++) {
      const y = (line + 0.5) / LINES;
      const xs = crossings(outline, y);
      const row = Math.floor(line / LINES) * width;
      for (let i = 0; i + 1 < xs.length; i += 2) fillSpan(one, row, width, xs[i]!, xs[i + 1]!);
    }
    for (let i = 0; i < one.length; i++) all.values[i] = Math.max(all.values[i]!, one[i]!);
  }
  return all;
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
function fillSpan(values: Float32Array, row: number, width: number, from: number, to: number): void {
  const [a, b] = [Math.max(0, from), Math.min(width, to)];
  for (let x = Math.floor(a); x < b; x++) {
    const share = Math.min(x + 1, b) - Math.max(x, a);
    if (share > 0) values[row + x]! += share / LINES;
  }
}

const inside = (n: number, most: number): number => (n < 0 ? 0 : n > most ? most : n);

/** A value between pixels; beyond the edge that of the edge. Called for every step of every pixel: nothing is made here. */
function between(values: Float32Array, width: number, height: number, x: number, y: number): number {
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

/** Steps along a smear for each pixel of its length. */
const PER_PX = 2;

/** Smears along a straight line of so many pixels; direction in degrees, 0 to the right, 90 up. */
export function smear(plane: Plane, length: number, direction: number): Plane {
  if (length < 0.05) return plane;
  const { width, height, values } = plane;
  const dx = cosDeg(direction);
  const dy = -sinDeg(direction);
  const steps = Math.max(2, Math.ceil(length * PER_PX));
  const out = planeOf(width, height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let i = 0; i < steps; i++) {
        const along = length * ((i + 0.5) / steps - 0.5);
        sum += between(values, width, height, x + along * dx, y + along * dy);
      }
      out.values[y * width + x] = sum / steps;
    }
  return out;
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
  if (sigma < 0.05) return plane;
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
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let k = -reach; k <= reach; k++) {
        const from = inside(y + k * dy, height - 1) * width + inside(x + k * dx, width - 1);
        sum += kernel[k + reach]! * values[from]!;
      }
      out.values[y * width + x] = sum;
    }
  return out;
}

/** Rows of a pixel at which the edge of a disc is taken: a small disc is round for that, a wide one is with fewer. */
const discRowsOf = (radius: number): number => (radius < 1.5 ? 8 : radius < 4 ? 4 : 2);
/** A disc wider than this in pixels is laid on a coarser plane: nothing so soft has finer detail. */
const FINE_DISC = 24;

/**
 * Blurs by an even disc of so many pixels across. A wide one is worked out on a coarser plane, which adds under a hundredth to its
 * width: its cost does not grow with its size.
 */
export function disc(plane: Plane, diameter: number): Plane {
  // Smaller than the rows at which its edge is taken it is a point.
  if (diameter < 0.2) return plane;
  const coarser = Math.floor(diameter / FINE_DISC);
  if (coarser < 2) return fineDisc(plane, diameter);
  return spread(fineDisc(shrunk(plane, coarser), diameter / coarser), coarser, plane.width, plane.height);
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
  const radius = diameter / 2;
  // Sums along each row with their edges carried on, so that a span of a row costs two readings.
  const sums = new Float64Array((width + 1) * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      sums[y * (width + 1) + x + 1] = sums[y * (width + 1) + x]! + values[y * width + x]!;
  const until = (y: number, x: number): number => {
    const row = y * (width + 1);
    if (x <= 0) return x * values[y * width]!;
    if (x >= width) return sums[row + width]! + (x - width) * values[y * width + width - 1]!;
    const whole = Math.floor(x);
    return sums[row + whole]! + (x - whole) * values[y * width + Math.min(width - 1, whole)]!;
  };
  const rows = discRows(radius);
  const area = rows.reduce((sum, r) => sum + 2 * r.half * r.share, 0);
  const out = planeOf(width, height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let i = 0; i < rows.length; i++) {
        const row = rows[i]!;
        const at = inside(y + row.by, height - 1);
        sum += row.share * (until(at, x + 0.5 + row.half) - until(at, x + 0.5 - row.half));
      }
      out.values[y * width + x] = sum / area;
    }
  return out;
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
