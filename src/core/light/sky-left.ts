import { cosDeg, sinDeg, toDegrees } from "../units";
import {
  alongBearing,
  OBSTACLE_KINDS,
  rayThrough,
  throughThing,
  topOf,
  type Block,
  type Obstacle,
  type Vector,
} from "../ground";
import { relativeLuminance } from "./clear-sky";

/** What obstacles leave of the sky at a spot: of its light on the seen side, and on level ground. */
export interface SkyLeft {
  /** Share 0 … 1 on the side that a camera at a bearing sees. */
  readonly toward: (bearingToCamera: number) => number;
  /** Share 0 … 1 on the level ground. */
  readonly onGround: number;
}

const WHOLE: SkyLeft = { toward: () => 1, onGround: 1 };

/** A patch of the sky: its middle, half the height of its band, and its solid angle in steradians. */
interface Patch {
  readonly azimuth: number;
  readonly altitude: number;
  readonly solidAngle: number;
}

/** Half the height in degrees of a band of patches. */
const HALF_BAND = 6;
/** Patches in the bands about 6°, 18° … 78°, and one at the zenith (Tregenza 1987; from memory): 145 in all. */
const BANDS = [30, 30, 24, 24, 18, 12, 6];

const PATCHES: readonly Patch[] = [
  ...BANDS.flatMap((count, i) => {
    const altitude = HALF_BAND + 2 * HALF_BAND * i;
    const band = 2 * Math.PI * (sinDeg(altitude + HALF_BAND) - sinDeg(altitude - HALF_BAND));
    return Array.from({ length: count }, (_, k) => ({
      azimuth: (360 * k) / count,
      altitude,
      solidAngle: band / count,
    }));
  }),
  { azimuth: 0, altitude: 90, solidAngle: 2 * Math.PI * (1 - sinDeg(84)) },
];

/**
 * What the seen half of a cylinder catches of a direction at a turn φ from the camera: 1/π + (π/8)·cos φ + (2/9π)·cos 2φ +
 * (2/225π)·cos 4φ, within 0.001.
 */
const HARMONICS = [
  [0, 1 / Math.PI],
  [1, Math.PI / 8],
  [2, 2 / (9 * Math.PI)],
  [4, 2 / (225 * Math.PI)],
] as const;

const perPatch = (of: (patch: Patch) => number): Float64Array => Float64Array.from(PATCHES, of);

/** What of each patch's luminance falls on level ground, and into the cosine and sine part of each harmonic. */
const ON_GROUND = perPatch((p) => p.solidAngle * sinDeg(p.altitude));
const CAUGHT = HARMONICS.flatMap(([n, weight]) =>
  [cosDeg, sinDeg].map((part) =>
    perPatch((p) => weight * p.solidAngle * cosDeg(p.altitude) * part(n * p.azimuth)),
  ),
);
/** Unit vectors north, east and up. */
const NORTH = perPatch((p) => cosDeg(p.altitude) * cosDeg(p.azimuth));
const EAST = perPatch((p) => cosDeg(p.altitude) * sinDeg(p.azimuth));
const UP = perPatch((p) => sinDeg(p.altitude));

/** Sum of the products of two lists of patches; a search asks for it thousands of times. */
function product(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
}

/** The closed sky's gradation (CIE overcast), giving 1 on the horizontal. */
const CLOSED = perPatch((p) => 1 + 2 * sinDeg(p.altitude));
const OF_CLOSED = product(CLOSED, ON_GROUND);

/** Share 0 … 1 of each patch that stands above the obstacles at a point; absent where nothing hides any of it. */
type Shares = Float64Array | undefined;

interface AtPoint<T> {
  readonly point: Vector;
  readonly value: T;
}

/** Kept per list of obstacles and point: along the clock and from all positions nothing about it changes. */
const sharesKept = new WeakMap<readonly Obstacle[], AtPoint<Shares>[]>();
/** A ground has some dozens of spots; more points than this are a drag, and only the latest matter. */
const MOST_KEPT = 64;

function kept<K extends object, T>(store: WeakMap<K, AtPoint<T>[]>, key: K, point: Vector, make: () => T): T {
  const known = store.get(key) ?? [];
  for (const { point: p, value } of known)
    if (p.x === point.x && p.y === point.y && p.z === point.z) return value;
  const value = make();
  store.set(key, [{ point, value }, ...known].slice(0, MOST_KEPT));
  return value;
}

/** Upright from the ground to a level top: it hides all of a direction up to one altitude. */
const isPlain = (obstacle: Obstacle): obstacle is Block =>
  "outline" in obstacle && !obstacle.rise && !obstacle.base;

/** Altitudes within a band, about its middle, at which a thing is looked for that hides a part of it. */
const WITHIN_BAND = [-4, 0, 4];

function sharesAt(point: Vector, obstacles: readonly Obstacle[]): Shares {
  const standing = obstacles.filter((o) => OBSTACLE_KINDS[o.kind].shades && topOf(o) > point.z);
  const plain = standing.filter(isPlain);
  const others = standing.filter((o) => !isPlain(o));
  const shares = Float64Array.from(PATCHES, ({ azimuth, altitude }) => {
    const hidden = altitude > 84 ? 0 : skyline(point, azimuth, plain);
    const above = Math.max(0, Math.min(1, (altitude + HALF_BAND - hidden) / (2 * HALF_BAND)));
    return above * openShare(point, azimuth, altitude, others);
  });
  return shares.every((s) => s === 1) ? undefined : shares;
}

/** Share 0 … 1 of a band in one direction that crowns, branches, roofs and banks leave open. */
function openShare(point: Vector, bearing: number, altitude: number, obstacles: readonly Obstacle[]): number {
  if (obstacles.length === 0) return 1;
  const { x, y } = alongBearing(bearing);
  const open = WITHIN_BAND.filter((off) => {
    const up = Math.min(90, altitude + off);
    const ray = { x: x * cosDeg(up), y: y * cosDeg(up), z: sinDeg(up) };
    return !obstacles.some((o) => (throughThing(point, ray, o)?.leave ?? 0) > 0);
  });
  return open.length / WITHIN_BAND.length;
}

/** Highest altitude in degrees, 0 … 90, that an upright thing reaches in one direction. */
function skyline(point: Vector, bearing: number, obstacles: readonly Block[]): number {
  const step = alongBearing(bearing);
  let highest = 0;
  for (const obstacle of obstacles) {
    const stretch = rayThrough(point, step, obstacle.outline);
    if (!stretch) continue;
    highest = Math.max(highest, toDegrees(Math.atan2(obstacle.height - point.z, stretch.enter)));
  }
  return highest;
}

/** The sky of an instant: where its sun or moon stands, and its share under cloud. */
export interface SkyOf {
  /** Degrees from true north, clockwise, 0 … 360. */
  readonly azimuth: number;
  /** Degrees above the horizon, −90 … 90. */
  readonly altitude: number;
  /** Share 0 … 1 of the sky under cloud. */
  readonly cloud: number;
}

/** Kept per sky, which is one object for an instant: positions that look at a spot share what is left there. */
const leftKept = new WeakMap<SkyOf, AtPoint<SkyLeft>[]>();

/**
 * What of the sky is left at a point among obstacles, each patch weighed by its luminance, so that a wall toward the sun
 * takes the bright part. Clear sky by CIE type 12 about the sun, closed by CIE gradation, between by the cloud.
 */
export function skyLeft(point: Vector, obstacles: readonly Obstacle[], sky: SkyOf): SkyLeft {
  if (obstacles.length === 0) return WHOLE;
  const shares = kept(sharesKept, obstacles, point, () => sharesAt(point, obstacles));
  return shares ? kept(leftKept, sky, point, () => weighed(shares, sky)) : WHOLE;
}

/** Relative luminances of the patches, the whole sky giving 1 on the horizontal. */
function luminances({ azimuth, altitude, cloud }: SkyOf): Float64Array {
  const up = Math.max(0, altitude);
  const [north, east, rise] = [cosDeg(up) * cosDeg(azimuth), cosDeg(up) * sinDeg(azimuth), sinDeg(up)];
  const clear = new Float64Array(PATCHES.length);
  for (let i = 0; i < clear.length; i++)
    clear[i] = relativeLuminance(UP[i]!, NORTH[i]! * north + EAST[i]! * east + UP[i]! * rise);
  const ofClear = (1 - cloud) / product(clear, ON_GROUND);
  const ofClosed = cloud / OF_CLOSED;
  for (let i = 0; i < clear.length; i++) clear[i] = clear[i]! * ofClear + CLOSED[i]! * ofClosed;
  return clear;
}

function weighed(shares: Float64Array, sky: SkyOf): SkyLeft {
  const luminance = luminances(sky);
  const open = luminance.map((value, i) => value * shares[i]!);
  const whole = CAUGHT.map((basis) => product(basis, luminance));
  const left = CAUGHT.map((basis) => product(basis, open));
  const at = (parts: readonly number[], bearing: number): number => {
    let sum = 0;
    for (let k = 0; k < HARMONICS.length; k++) {
      const turn = HARMONICS[k]![0] * bearing;
      sum += parts[2 * k]! * cosDeg(turn) + parts[2 * k + 1]! * sinDeg(turn);
    }
    return sum;
  };
  return {
    toward: (bearing) => Math.max(0, Math.min(1, at(left, bearing) / at(whole, bearing))),
    onGround: Math.min(1, product(open, ON_GROUND)),
  };
}
