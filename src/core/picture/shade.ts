/** A place or a way as the lens has it: to the right, up and toward the camera. */
export type Seen3 = readonly [right: number, up: number, toward: number];

/** The light where somebody stands, each against what falls on the side of an upright thing that is seen: 1 is that. */
export interface LitBy {
  /** The way to the sun or the moon. */
  readonly toLight: Seen3;
  /** What comes straight from there on a surface square to it, 0 or more. */
  readonly direct: number;
  /** What the whole sky gives a surface that looks up, 0 or more. */
  readonly sky: number;
  /** What the ground gives one that looks down, 0 or more. */
  readonly ground: number;
  /** Which way is up. */
  readonly up: Seen3;
}

/** The hull of two balls in pixels of the drawing: columns and rows from the upper left, and pixels toward the camera. */
export interface Round {
  readonly from: Seen3;
  readonly to: Seen3;
  /** Pixels, above 0. */
  readonly radii: readonly [number, number];
}

const dot = (a: Seen3, b: Seen3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

/** Light on a surface by the way it looks, against what falls on the seen side of something upright. */
export function lightOn(normal: Seen3, { toLight, direct, sky, ground, up }: LitBy): number {
  const tilt = dot(normal, up) / 2;
  return direct * Math.max(0, dot(normal, toLight)) + sky * (0.5 + tilt) + ground * (0.5 - tilt);
}

const length = ([x, y, z]: Seen3): number => Math.hypot(x, y, z);

/** How tightly a wet eye gathers what it mirrors, and how bright a mirrored sun and sky are against what lights a white (assumed). */
const GLOSS = { tight: 24, sun: 6, sky: 0.9 };

/** The catchlight on something wet, an eye: the sun where it stands before it, and the bright sky over it. */
export function catchlightOn(normal: Seen3, { toLight, direct, sky, up }: LitBy): number {
  const mirrored = (from: Seen3): number => {
    const half: Seen3 = [from[0], from[1], from[2] + 1];
    return Math.max(0, dot(normal, half) / Math.max(1e-6, length(half))) ** GLOSS.tight;
  };
  return GLOSS.sun * Math.min(1, direct) * mirrored(toLight) + GLOSS.sky * Math.min(1, sky) * mirrored(up);
}

/** Ways round an upright thing that is seen, from its left edge to its right one. */
const ROUND_IT = 24;

/**
 * The light about somebody so that the seen side of something upright has 1 on the mean, each way as much as is seen of it: what the settings
 * were found for.
 */
export function evenedOut(lit: LitBy): LitBy {
  let [sum, weight] = [0, 0];
  for (let i = 0; i < ROUND_IT; i++) {
    const angle = (Math.PI * (i + 0.5)) / ROUND_IT - Math.PI / 2;
    const seen = Math.cos(angle);
    sum += seen * lightOn([Math.sin(angle), 0, seen], lit);
    weight += seen;
  }
  const mean = Math.max(1e-6, sum / weight);
  return { ...lit, direct: lit.direct / mean, sky: lit.sky / mean, ground: lit.ground / mean };
}

/** A place of a surface that is seen. */
export interface Surface {
  /** The way it looks. */
  readonly normal: Seen3;
  /** How far toward the camera it lies, pixels. */
  readonly toward: number;
}

/**
 * The surface of a round where a line of sight meets it first: the place along its axis whose ball rises nearest to the camera. Columns and
 * rows are of the drawing.
 */
export function surfaceOf({ from, to, radii: [a, b] }: Round): (x: number, y: number) => Surface {
  const [dx, dy, dz] = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  const dr = b - a;
  // Along the axis the height of the surface is z + t·dz + √Q(t), Q = αt² + 2βt + γ.
  const alpha = dr * dr - dx * dx - dy * dy;
  return (x, y) => {
    const px = x - from[0];
    const py = y - from[1];
    const beta = a * dr + px * dx + py * dy;
    const gamma = a * a - px * px - py * py;
    let t = dz + dr >= 0 ? 1 : 0;
    if (alpha < -1e-9) {
      const s = Math.sqrt(Math.max(0, (alpha * gamma - beta * beta) / (alpha - dz * dz)));
      t = Math.min(1, Math.max(0, (-beta - dz * s) / alpha));
    }
    const r = Math.max(1e-6, a + t * dr);
    const nx = (px - t * dx) / r;
    const ny = (py - t * dy) / r;
    const flat = nx * nx + ny * ny;
    const middle = from[2] + t * dz;
    if (flat >= 1) {
      const length = Math.sqrt(flat);
      return { normal: [nx / length, -ny / length, 0], toward: middle };
    }
    const nz = Math.sqrt(1 - flat);
    return { normal: [nx, -ny, nz], toward: middle + r * nz };
  };
}

/** Something flat where a line of sight meets it, through a place of the drawing. */
export function planeThrough(looks: Seen3, [x0, y0, z0]: Seen3): (x: number, y: number) => Surface {
  const [nx, ny, nz] = looks;
  const steep = Math.max(0.05, nz);
  return (x, y) => ({ normal: looks, toward: z0 - (nx * (x - x0) - ny * (y - y0)) / steep });
}
