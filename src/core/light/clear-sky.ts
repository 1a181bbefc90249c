import { cosDeg, METER_CONSTANTS, sinDeg } from "../units";

/** CIE standard general sky, type 12: clear, low turbidity (from memory). */
const TYPE_12 = { a: -1, b: -0.32, c: 10, d: -3, e: 0.45 };

export interface SkyDirection {
  /** Degrees from true north, clockwise, 0 … 360. */
  readonly azimuth: number;
  /** Degrees above the horizon, 0 … 90. */
  readonly altitude: number;
}

/** Cosine of the angle between two directions of the sky. */
const cosineBetween = (a: SkyDirection, b: SkyDirection): number =>
  sinDeg(a.altitude) * sinDeg(b.altitude) +
  cosDeg(a.altitude) * cosDeg(b.altitude) * cosDeg(a.azimuth - b.azimuth);

const AT_RIGHT_ANGLE = Math.exp((TYPE_12.d * Math.PI) / 2);

/**
 * Luminance of the clear sky against nothing in particular, so that only ratios count: by the sine of the altitude that one
 * looks at, and the cosine of its angle to the sun.
 */
export function relativeLuminance(sinAltitude: number, cosToSun: number): number {
  const { a, b, c, d, e } = TYPE_12;
  const gradation = 1 + a * Math.exp(b / Math.max(0.01, sinAltitude));
  const cosine = Math.min(1, Math.max(-1, cosToSun));
  const indicatrix = 1 + c * (Math.exp(d * Math.acos(cosine)) - AT_RIGHT_ANGLE) + e * cosine * cosine;
  return gradation * indicatrix;
}

const luminanceAt = (direction: SkyDirection, sun: SkyDirection): number =>
  relativeLuminance(sinDeg(direction.altitude), cosineBetween(direction, sun));

const STEP = 3;

/** Kept per sun: the scale of a sky does not depend on where one looks. */
const scales = new WeakMap<SkyDirection, number>();

/** Illuminance on the horizontal that the relative sky would give: the scale of it. */
function horizontalOfRelative(sun: SkyDirection): number {
  const known = scales.get(sun) ?? integrated(sun);
  scales.set(sun, known);
  return known;
}

function integrated(sun: SkyDirection): number {
  const step = (STEP * Math.PI) / 180;
  let sum = 0;
  for (let altitude = STEP / 2; altitude < 90; altitude += STEP)
    for (let azimuth = STEP / 2; azimuth < 360; azimuth += STEP)
      sum += luminanceAt({ azimuth, altitude }, sun) * sinDeg(altitude) * cosDeg(altitude) * step * step;
  return sum;
}

/**
 * Luminance in cd/m² of the clear sky behind a subject, scaled so that the whole sky gives `skyLux` on the horizontal. CIE
 * standard sky type 12 (from memory); the sun's disc itself is not in it.
 */
export const clearSkyLuminance = (direction: SkyDirection, sun: SkyDirection, skyLux: number): number =>
  (skyLux * luminanceAt(direction, sun)) / horizontalOfRelative(sun);

/** EV at ISO 100 of a luminance in cd/m², reflected meter (ISO 2720, K 12.5): log2(8·L). */
export const evFromLuminance = (luminance: number): number =>
  Math.log2((100 / METER_CONSTANTS.reflectedK) * luminance);
