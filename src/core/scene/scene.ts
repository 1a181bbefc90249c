import type { Ground } from "../ground";
import { cloudAt, type CloudAt } from "./cloud";
import {
  clearHorizontalLux,
  daylight,
  lampLuxOf,
  lampsAlight,
  passingCloud,
  sunAt,
  GROUND_REFLECTANCE,
  moonAt,
  moonDaylight,
  overGround,
  underCover,
  type DayTaken,
  type Daylight,
  type Lamps,
  type Reading,
  type SkySteadiness,
  type Sun,
} from "../light";

/** The light that is planned for, and what was measured of it. */
export interface LightPlan {
  /** Eighths of the sky under cloud, 0 … 8. */
  readonly cloudEighths: number;
  /** Cloud through the day, in rising order, one entry or more: it counts instead of `cloudEighths` where it is given. */
  readonly cloudCourse?: readonly CloudAt[];
  /** Set while single clouds pass the sun: two levels instead of one. */
  readonly passing?: boolean;
  /** Set in a hall: the share 0 … 1 of the daylight outside that comes in. */
  readonly roof?: { readonly daylightShare: number };
  /** Set under leaves, out of doors: the share 0 … 1 of the daylight that comes through. */
  readonly leaves?: { readonly daylightShare: number };
  /** Absent where the ground has no lamps. */
  readonly lamps?: Lamps;
  readonly readings: readonly Reading[];
  /** Set once the day was found to be other than it was planned. */
  readonly taken?: DayTaken;
}

/** The ground at one instant, the same for every shot and position. */
export interface Scene {
  /** Epoch milliseconds. */
  readonly at: number;
  readonly ground: Ground;
  readonly sun: Sun;
  /** Under passing cloud the level in the sun. */
  readonly daylight: Daylight;
  /** The level behind a cloud, under passing cloud alone. */
  readonly inCloud?: Daylight;
  /** The moon and its light, by night and while it is up. */
  readonly moon?: {
    readonly azimuth: number;
    readonly apparentAltitude: number;
    readonly daylight: Daylight;
  };
  /** What lies over the ground: under a roof or leaves no direct sun reaches anything. */
  readonly cover: "open" | "roof" | "leaves";
  /** Whether a reading of the daylight holds, or fades because the sky may change. */
  readonly sky: SkySteadiness;
  /** Daylight out in the open, whatever lies over the ground. */
  readonly outside: Daylight;
  /** Direct sun in lux square to it, out in the open. */
  readonly directOutside: number;
  /** Mean horizontal lux of the lamps by their class; 0 while they are dark. */
  readonly lampLux: number;
  /** Whether lamps are alight, and how they flicker where that is known. */
  readonly lamps?: Lamps;
  readonly readings: readonly Reading[];
  readonly taken?: DayTaken;
}

const DAY = 86_400_000;
/** No instant is darker than a clear moonless night (USNO Circular 171 at −18°). */
export const NIGHT_LUX = clearHorizontalLux(-18);

function dayOfYear(at: number): number {
  const year = new Date(at).getUTCFullYear();
  return Math.floor((at - Date.UTC(year, 0, 1)) / DAY) + 1;
}

/** While the sun stands above this altitude in degrees, moonlight is under a fiftieth of a stop. */
const MOON_COUNTS_BELOW = -4;

/**
 * The scene at an instant in epoch milliseconds. `sun` saves looking it up again where many instants of a place are asked
 * for (`sunCourse`).
 */
export function sceneAt(
  ground: Ground,
  light: LightPlan,
  at: number,
  sun: Sun = sunAt(at, ground.anchor),
): Scene {
  const { altitude, apparentAltitude } = sun;
  const cloudEighths = cloudOf(light, at);
  const sky = { altitude, apparentAltitude, dayOfYear: dayOfYear(at), cloudEighths };
  const { roof, leaves } = light;
  const levels = light.passing && !roof ? passingCloud(sky) : undefined;
  const inSun = levels?.inSun ?? daylight(sky);
  const lamps = light.lamps && lampsAlight(light.lamps, at) ? light.lamps : undefined;
  const brought = bringer(ground, light);
  const moon = altitude < MOON_COUNTS_BELOW ? moonOver(ground, light, at, brought) : undefined;
  return {
    at,
    ground,
    sun,
    daylight: brought(inSun),
    ...(moon ? { moon } : {}),
    cover: roof ? "roof" : leaves ? "leaves" : "open",
    sky: steadinessOf(light),
    outside: inSun,
    directOutside: inSun.directNormal,
    ...(levels ? { inCloud: brought(levels.inCloud) } : {}),
    lampLux: lamps ? lampLuxOf(lamps) : 0,
    ...(lamps ? { lamps } : {}),
    readings: light.readings,
    ...(light.taken ? { taken: light.taken } : {}),
  };
}

/** Eighths of the sky under cloud at an instant. */
export const cloudOf = ({ cloudEighths, cloudCourse }: LightPlan, at: number): number =>
  cloudCourse && cloudCourse.length > 0 ? cloudAt(cloudCourse, at) : cloudEighths;

/** Cloud that passes, or that changes by the hour, changes the light; one sky holds for an outing, and so does any cover. */
function steadinessOf({ passing, roof, leaves, cloudCourse = [] }: LightPlan): SkySteadiness {
  const changes = passing || cloudCourse.some(({ eighths }) => eighths !== cloudCourse[0]!.eighths);
  return changes && !roof && !leaves ? "changing" : "steady";
}

/** What of an open sky reaches the ground: through a roof or leaves, or thrown back and forth between cloud and ground. */
function bringer({ surface = "grass" }: Ground, { roof, leaves }: LightPlan): (day: Daylight) => Daylight {
  const cover = roof ?? leaves;
  return (day) =>
    cover ? underCover(day, cover.daylightShare) : overGround(day, GROUND_REFLECTANCE[surface]);
}

function moonOver(
  { anchor }: Ground,
  light: LightPlan,
  at: number,
  brought: (day: Daylight) => Daylight,
): Scene["moon"] {
  const moon = moonAt(at, anchor);
  if (moon.altitude <= 0) return undefined;
  // Refraction is left out: it lifts the moon by less than its own breadth.
  const day = moonDaylight(moon, {
    apparentAltitude: moon.altitude,
    dayOfYear: dayOfYear(at),
    cloudEighths: cloudOf(light, at),
  });
  return { azimuth: moon.azimuth, apparentAltitude: moon.altitude, daylight: brought(day) };
}
