import { Body, Equator, Horizon, Illumination, Observer } from "astronomy-engine";
import type { Anchor } from "../ground";
import { clearHorizontalLux, daylight, logLux, type Daylight, type DaylightInput } from "./daylight";

export interface Moon {
  /** Bearing in degrees from true north, and geometric altitude in degrees, topocentric. */
  readonly azimuth: number;
  /** Geometric altitude in degrees, topocentric, −90 … 90. */
  readonly altitude: number;
  /** Phase angle in degrees, 0 full … 180 new, and lit share of the disc 0 … 1. */
  readonly phaseAngle: number;
  /** Lit share 0 … 1 of the disc. */
  readonly litShare: number;
  /** Horizontal parallax in degrees: nearer is larger. */
  readonly parallax: number;
}

/** Radius of the earth over an astronomical unit: turns the moon's distance into its parallax. */
const EARTH_RADIUS_AU = 6378.14 / 149_597_870.7;

/** Where the moon stands and how much of it is lit (`astronomy-engine`). */
export function moonAt(at: number, place: Anchor): Moon {
  const observer = new Observer(place.latitude, place.longitude, place.elevation);
  const date = new Date(at);
  const { ra, dec } = Equator(Body.Moon, date, observer, true, true);
  const { azimuth, altitude } = Horizon(date, observer, ra, dec);
  const light = Illumination(Body.Moon, date);
  return {
    azimuth,
    altitude,
    phaseAngle: light.phase_angle,
    litShare: light.phase_fraction,
    parallax: (Math.asin(EARTH_RADIUS_AU / light.geo_dist) * 180) / Math.PI,
  };
}

const PIECES: readonly { from: number; l: readonly [number, number, number, number] }[] = [
  { from: 20, l: [-1.95, 4.06, -4.24, 1.56] },
  { from: 5, l: [-2.58, 12.58, -42.58, 59.06] },
  { from: -0.8, l: [-2.79, 24.27, -252.95, 1321.29] },
];

/** Illuminance of the night sky without sun and moon (USNO Circular 171; from memory). */
export const NIGHT_FLOOR_LUX = 0.0006;

/**
 * Illuminance in lux on the horizontal by the moon under a clear sky, the night's own 0.0006 lx not counted; nothing below
 * −0.8°. Full and overhead 0.27 lx (Janiczek and DeYoung, USNO Circular 171; from memory).
 */
export function moonlightLux({
  altitude,
  phaseAngle,
  parallax,
}: Pick<Moon, "altitude" | "phaseAngle" | "parallax">): number {
  const piece = PIECES.find((p) => altitude >= p.from);
  if (!piece) return 0;
  const byAltitude = logLux(piece.l, altitude);
  const byPhase = -0.00868 * phaseAngle - 2.2e-9 * phaseAngle ** 4;
  return 10 ** (byAltitude + byPhase + 2 * Math.log10(parallax / 0.951));
}

/**
 * Moonlight split into its direct part and the sky's as sunlight is at that altitude, under so much cloud. Altitudes in
 * degrees, geometric and as seen.
 */
export function moonDaylight(
  moon: Pick<Moon, "altitude" | "phaseAngle" | "parallax">,
  sky: Pick<DaylightInput, "apparentAltitude" | "dayOfYear" | "cloudEighths">,
): Daylight {
  const bySun = daylight({ altitude: moon.altitude, ...sky });
  const share = moonlightLux(moon) / clearHorizontalLux(moon.altitude);
  return {
    directNormal: bySun.directNormal * share,
    sky: bySun.sky * share,
    horizontal: bySun.horizontal * share,
    cloud: bySun.cloud,
  };
}
