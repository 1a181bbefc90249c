import { cosDeg, sinDeg, toDegrees } from "../units";
import { alongBearing, rayThrough, type Obstacle, type Vector } from "../ground";
import { relativeLuminance } from "./clear-sky";

/** What obstacles leave of the sky at a spot: of its light on the seen side, and on level ground. */
export interface SkyLeft {
  /** Share 0 … 1 on the side that a camera at a bearing sees. */
  readonly toward: (bearingToCamera: number) => number;
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

/** What of each patch's luminance falls on level ground, and into the cosine and sine part of each harmonic. */
const ON_GROUND = PATCHES.map((p) => p.solidAngle * sinDeg(p.altitude));
const CAUGHT = HARMONICS.flatMap(([n, weight]) =>
  [cosDeg, sinDeg].map((part) =>
    PATCHES.map((p) => weight * p.solidAngle * cosDeg(p.altitude) * part(n * p.azimuth)),
  ),
);
/** Unit vectors north, east and up, and the closed sky's gradation (CIE overcast). */
const TOWARD = PATCHES.map(
  (p) =>
    [
      cosDeg(p.altitude) * cosDeg(p.azimuth),
      cosDeg(p.altitude) * sinDeg(p.azimuth),
      sinDeg(p.altitude),
    ] as const,
);
const CLOSED = PATCHES.map((p) => 1 + 2 * sinDeg(p.altitude));
const OF_CLOSED = CLOSED.reduce((sum, value, i) => sum + value * ON_GROUND[i]!, 0);

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

function sharesAt(point: Vector, obstacles: readonly Obstacle[]): Shares {
  const shares = Float64Array.from(PATCHES, ({ azimuth, altitude }) => {
    if (altitude > 84) return 1;
    const hidden = skyline(point, azimuth, obstacles);
    return Math.max(0, Math.min(1, (altitude + HALF_BAND - hidden) / (2 * HALF_BAND)));
  });
  return shares.every((s) => s === 1) ? undefined : shares;
}

/** Highest altitude in degrees, 0 … 90, that an obstacle reaches in one direction. */
function skyline(point: Vector, bearing: number, obstacles: readonly Obstacle[]): number {
  const step = alongBearing(bearing);
  let highest = 0;
  for (const obstacle of obstacles) {
    if (obstacle.height <= point.z) continue;
    const stretch = rayThrough(point, step, obstacle.outline);
    if (!stretch) continue;
    highest = Math.max(highest, toDegrees(Math.atan2(obstacle.height - point.z, stretch.enter)));
  }
  return highest;
}

/** The sky of an instant: where its sun or moon stands, and its share under cloud. */
export interface SkyOf {
  readonly azimuth: number;
  readonly altitude: number;
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
  const clear = TOWARD.map(([n, e, z]) => relativeLuminance(z, n * north + e * east + z * rise));
  const horizontal = (values: readonly number[]): number =>
    values.reduce((sum, value, i) => sum + value * ON_GROUND[i]!, 0);
  const ofClear = horizontal(clear);
  return Float64Array.from(
    clear,
    (value, i) => ((1 - cloud) * value) / ofClear + (cloud * CLOSED[i]!) / OF_CLOSED,
  );
}

function weighed(shares: Float64Array, sky: SkyOf): SkyLeft {
  const luminance = luminances(sky);
  const whole = CAUGHT.map((basis) => basis.reduce((sum, b, i) => sum + b * luminance[i]!, 0));
  const left = CAUGHT.map((basis) => basis.reduce((sum, b, i) => sum + b * luminance[i]! * shares[i]!, 0));
  const onGround = luminance.reduce((sum, value, i) => sum + value * ON_GROUND[i]! * shares[i]!, 0);
  const at = (parts: readonly number[], bearing: number): number =>
    HARMONICS.reduce(
      (sum, [n], k) => sum + parts[2 * k]! * cosDeg(n * bearing) + parts[2 * k + 1]! * sinDeg(n * bearing),
      0,
    );
  return {
    toward: (bearing) => Math.max(0, Math.min(1, at(left, bearing) / at(whole, bearing))),
    onGround: Math.min(1, onGround),
  };
}
