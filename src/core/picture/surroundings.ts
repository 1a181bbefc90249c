import type { Surface, Tint } from "../ground";
import { relativeLuminance } from "../light";
import { cosDeg, evenFrom, sinDeg } from "../units";
import { planeOf, smear, type PixelPoint, type Plane, type Smear } from "./raster";

/** How the drawing looks out: what the middle of the frame looks at, and what a pixel is. */
export interface Outlook {
  /** Metres of the lens over the ground, above 0. */
  readonly height: number;
  /** Degrees by which it looks down; above the level below 0. */
  readonly dip: number;
  /** Tangent of the angle of one pixel, across and up. */
  readonly perPixel: { readonly across: number; readonly up: number };
  /** The pixel that it looks at. */
  readonly middle: PixelPoint;
}

/** The sun or the moon as one looks out. */
export interface LightAhead {
  /** Degrees to the right of where the lens looks. */
  readonly aside: number;
  /** Degrees above the level. */
  readonly altitude: number;
}

/** What closes the picture above the ground. */
export interface Above {
  readonly kind: "sky" | "wall";
  /** As that of a shape, 0 or more; of the sky away from the light and low. */
  readonly luminance: number;
  readonly tint: Tint;
  /** Share 0 … 1 of the sky that is cloud. */
  readonly cloud: number;
  readonly light?: LightAhead;
}

/** What lies under the picture. */
export interface Below {
  readonly surface: Surface;
  /** As that of a shape, 0 or more. */
  readonly luminance: number;
  readonly tint: Tint;
}

/** Sky or wall, and ground, as far as the picture goes. */
export interface Surroundings {
  readonly outlook: Outlook;
  readonly above: Above;
  readonly below: Below;
  /** Metres at which it is sharp, and diameter in pixels of the disc of something endlessly far. */
  readonly focus: {
    /** Metres, above 0. */
    readonly distance: number;
    /** Pixels, 0 or more. */
    readonly disc: number;
  };
  /** The streak of a pan; none where the lens stands still. */
  readonly smear?: Smear;
}

/** Details of a ground: metres across and along from one to the next, and how far they differ as a share of its tone. */
type Grain = readonly [across: number, along: number, differ: number];

/** What a ground shows at true scale (assumed, by eye): tufts and patches, grains and ripples, planks, brushed ice. */
const GRAINS: Readonly<Record<Surface, readonly Grain[]>> = {
  grass: [
    [0.018, 0.03, 0.34],
    [0.07, 0.09, 0.2],
    [0.6, 0.6, 0.1],
    [3, 3, 0.06],
  ],
  clay: [
    [0.01, 0.01, 0.12],
    [0.2, 0.35, 0.07],
    [1.4, 1.4, 0.06],
  ],
  sand: [
    [0.01, 0.01, 0.14],
    [0.22, 0.12, 0.16],
    [1.6, 0.9, 0.1],
  ],
  snow: [
    [0.02, 0.02, 0.05],
    [0.5, 0.3, 0.06],
    [3, 2, 0.05],
  ],
  ice: [
    [0.04, 0.9, 0.06],
    [0.8, 2.2, 0.05],
  ],
  water: [
    [0.16, 0.05, 0.3],
    [0.9, 0.22, 0.4],
    [5, 1.1, 0.25],
  ],
  floor: [
    [0.07, 1.6, 0.1],
    [0.02, 0.6, 0.05],
  ],
  track: [
    [0.008, 0.008, 0.16],
    [1.2, 1.2, 0.05],
  ],
};
/**
 * How far a row may reach in depth, as a share of its breadth, before its details stand up: blades and ripples are seen from the side where one
 * looks along the ground (assumed).
 */
const STANDS_UP: Readonly<Record<Surface, number>> = {
  grass: 1.3,
  clay: 6,
  sand: 3,
  snow: 4,
  ice: 12,
  water: 5,
  floor: 12,
  track: 8,
};
/** Details that differ less than this are left out: nobody sees them. */
const UNSEEN = 0.004;

/** Mean square of the slopes of water under a breeze of 4 m/s (Cox and Munk 1954, from memory: 0.003 + 0.00512 a m/s). */
const SLOPES = 0.003 + 0.00512 * 4;
/** How much brighter than the water a glint is. */
const GLINT = 30;

const TABLE = 256;
const NOISE = (() => {
  const even = evenFrom(5);
  return Float32Array.from({ length: TABLE * TABLE }, () => 2 * even() - 1);
})();

/** Even spots of a size about 1 on a plane, −1 … 1, each going over into the next. */
function spots(x: number, y: number): number {
  const x0 = Math.floor(x);
  const y0 = Math.floor(y);
  const fx = x - x0;
  const fy = y - y0;
  const sx = fx * fx * (3 - 2 * fx);
  const sy = fy * fy * (3 - 2 * fy);
  const a = (y0 & 255) * TABLE;
  const b = ((y0 + 1) & 255) * TABLE;
  const c = x0 & 255;
  const d = (x0 + 1) & 255;
  const above = NOISE[a + c]! * (1 - sx) + NOISE[a + d]! * sx;
  const below = NOISE[b + c]! * (1 - sx) + NOISE[b + d]! * sx;
  return above * (1 - sy) + below * sy;
}

/** How much of a detail is left that is blurred by a Gaussian of so many metres of spread: the waves that make most of it. */
const leftOf = (size: number, spread: number): number => Math.exp(-0.5 * ((Math.PI * spread) / size) ** 2);

/** Paints what surrounds. */
export function laySurroundings(channels: readonly Plane[], around: Surroundings): void {
  const { width, height } = channels[0]!;
  const first = horizonOf(around.outlook, height);
  if (first > 0) layAbove(channels, around, first);
  if (first >= height) return;
  const tones = groundTones(around, width, first, height);
  const { smear: s, below } = around;
  const seen = s ? smear(tones, s.length, s.direction) : tones;
  channels.forEach(({ values }, c) => {
    const tone = below.luminance * below.tint[c]!;
    for (let i = 0, to = first * width; i < seen.values.length; i++, to++)
      values[to] = tone * seen.values[i]!;
  });
}

/** How a row of the drawing looks out: forward and up of the ray of its middle, for one along the axis. */
function rayOf(
  { dip, perPixel, middle }: Outlook,
  row: number,
): { readonly forward: number; readonly up: number } {
  const k = (middle[1] - row) * perPixel.up;
  return { forward: cosDeg(dip) + sinDeg(dip) * k, up: -sinDeg(dip) + cosDeg(dip) * k };
}

/** The first row that shows ground. */
function horizonOf(outlook: Outlook, height: number): number {
  for (let row = 0; row < height; row++) if (rayOf(outlook, row + 0.5).up < -1e-4) return row;
  return height;
}

/** The tones of the ground about its own, row by row from the horizon down: its grain as far as the lens and its distance leave any. */
function groundTones(around: Surroundings, width: number, first: number, height: number): Plane {
  const { outlook, below, focus } = around;
  const { perPixel, middle } = outlook;
  const tones = planeOf(width, height - first, 1);
  const along = new Float64Array(GRAINS[below.surface].length);
  const glitter = below.surface === "water" && around.above.light && wayTo(around.above.light);
  for (let row = first; row < height; row++) {
    const ray = rayOf(outlook, row + 0.5);
    const t = outlook.height / -ray.up;
    const next = rayOf(outlook, row + 1.5);
    const away = t * ray.forward;
    const deep = Math.abs(away - (outlook.height / -next.up) * next.forward);
    const metre = t * perPixel.across;
    const disc = (focus.disc * Math.abs(t - focus.distance)) / t;
    const spread = Math.sqrt(1 / 12 + (disc / 4) ** 2);
    const shown = Math.min(deep, STANDS_UP[below.surface] * metre);
    for (let k = 0; k < along.length; k++) {
      const [across, long, differ] = GRAINS[below.surface][k]!;
      along[k]! += shown / long;
      const left = differ * leftOf(across, spread * metre) * leftOf(long, spread * shown);
      if (left < UNSEEN) continue;
      const y = along[k]!;
      for (let x = 0, to = (row - first) * width; x < width; x++, to++)
        tones.values[to]! += left * spots(((x + 0.5 - middle[0]) * metre) / across, y);
    }
    if (glitter) layGlints(tones, row - first, { outlook, ray, t }, glitter, leftOf(0.3, spread * metre));
    for (let x = 0, to = (row - first) * width; x < width; x++, to++)
      if (tones.values[to]! < 0.05) tones.values[to] = 0.05;
  }
  return tones;
}

/** The way to a light as one looks out: to the right, forward, up. */
const wayTo = ({ aside, altitude }: LightAhead): readonly [right: number, forward: number, up: number] => [
  cosDeg(altitude) * sinDeg(aside),
  cosDeg(altitude) * cosDeg(aside),
  sinDeg(altitude),
];

/** Facets of water that throw the sun into the lens: as many as slopes ask that stand so, and soft where the lens is. */
function layGlints(
  tones: Plane,
  row: number,
  {
    outlook,
    ray,
    t,
  }: {
    readonly outlook: Outlook;
    readonly ray: { readonly forward: number; readonly up: number };
    readonly t: number;
  },
  sun: ReturnType<typeof wayTo>,
  sharp: number,
): void {
  const { width } = tones;
  for (let x = 0; x < width; x++) {
    const side = (x + 0.5 - outlook.middle[0]) * outlook.perPixel.across;
    const length = Math.hypot(side, ray.forward, ray.up);
    const h = [sun[0] - side / length, sun[1] - ray.forward / length, sun[2] - ray.up / length] as const;
    const slope = (h[0] * h[0] + h[1] * h[1]) / (h[2] * h[2]);
    const share = Math.exp(-slope / SLOPES);
    if (share < 0.002) continue;
    const here = spots((side * t) / 0.11 + 17, (t * ray.forward) / 0.05);
    const lit = here > 1 - 0.7 * share ? 1 : 0;
    tones.values[row * width + x]! +=
      GLINT * (sharp * lit * share + (1 - sharp) * 0.12 * share * share) + 2 * share;
  }
}

/** Above this many degrees a plain sky is as blue as it is here; toward the horizon it pales. */
const PALES = 14;
const WHITE: Tint = [1, 1, 1];

/**
 * Luminance of a sky against its zenith, of which a share is cloud: clear as the CIE's type 12 (`light/clear-sky`), closed as Moon and Spencer
 * 1942 have it (from memory). Degrees above the level, and from the sun.
 */
export function skyAgainst(altitude: number, fromSun: number, sunAltitude: number, cloud: number): number {
  const high = sinDeg(Math.max(1, altitude));
  const clear =
    relativeLuminance(high, cosDeg(fromSun)) / relativeLuminance(1, sinDeg(Math.max(0, sunAltitude)));
  return cloud * ((1 + 2 * high) / 3) + (1 - cloud) * clear;
}

/** Where a plain sky has the tone that is told: so low, and square to the sun. */
const PLAIN = { altitude: 4, fromSun: 90 };
/** A sky nearer to the sun is cut here: brighter than any picture shows. */
const BRIGHTEST = 8;

/** Columns from one place of the sky that is worked out to the next. */
const COLUMNS = 8;

function layAbove(channels: readonly Plane[], { outlook, above }: Surroundings, rows: number): void {
  const { width } = channels[0]!;
  const { luminance, tint, light, cloud } = above;
  const sun = light && wayTo(light);
  const usual = sun ? skyAgainst(PLAIN.altitude, PLAIN.fromSun, light.altitude, cloud) : 1;
  for (let row = 0; row < rows; row++) {
    const ray = rayOf(outlook, row + 0.5);
    const altitude = (Math.atan2(ray.up, ray.forward) * 180) / Math.PI;
    const toneAt = (x: number): number => {
      if (above.kind === "wall") return luminance * (1 - 0.25 * Math.min(1, Math.max(0, altitude) / 30));
      if (!sun || !light) return luminance;
      const side = (x + 0.5 - outlook.middle[0]) * outlook.perPixel.across;
      const length = Math.hypot(side, ray.forward, ray.up);
      const cos = (side * sun[0] + ray.forward * sun[1] + ray.up * sun[2]) / length;
      const from = (Math.acos(Math.max(-1, Math.min(1, cos))) * 180) / Math.PI;
      return luminance * Math.min(BRIGHTEST, skyAgainst(altitude, from, light.altitude, cloud) / usual);
    };
    const pale = above.kind === "sky" ? Math.exp(-Math.max(0, altitude) / PALES) * (1 - cloud) * 0.7 : 0;
    // A sky changes slowly: it is worked out at every few columns, and evenly between.
    let [before, next] = [0, toneAt(0)];
    for (let x = 0; x < width; x++) {
      if (x % COLUMNS === 0) [before, next] = [next, toneAt(x + COLUMNS)];
      const tone = before + ((next - before) * (x % COLUMNS)) / COLUMNS;
      for (let c = 0; c < 3; c++)
        channels[c]!.values[row * width + x] = tone * (tint[c]! * (1 - pale) + WHITE[c]! * pale);
    }
  }
}
