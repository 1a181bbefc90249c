import type { Ground } from "../ground";
import {
  clearHorizontalLux,
  daylight,
  lampLuxOf,
  lampsAlight,
  passingCloud,
  sunAt,
  underRoof,
  type Daylight,
  type Lamps,
  type Reading,
  type Sun,
} from "../light";

/** The light that is planned for, and what was measured of it. */
export interface LightPlan {
  /** Eighths of the sky under cloud, 0 … 8. */
  readonly cloudEighths: number;
  /** Set while single clouds pass the sun: two levels instead of one. */
  readonly passing?: boolean;
  /** Set in a hall: the share 0 … 1 of the daylight outside that comes in. */
  readonly roof?: { readonly daylightShare: number };
  /** Absent where the ground has no lamps. */
  readonly lamps?: Lamps;
  readonly readings: readonly Reading[];
}

/** The ground at one instant, the same for every shot and position. */
export interface Scene {
  readonly at: number;
  readonly ground: Ground;
  readonly sun: Sun;
  /** Under passing cloud the level in the sun. */
  readonly daylight: Daylight;
  /** The level behind a cloud, under passing cloud alone. */
  readonly inCloud?: Daylight;
  /** Under a roof no sun reaches anything. */
  readonly roofed: boolean;
  /** Mean horizontal lux of the lamps by their class; 0 while they are dark. */
  readonly lampLux: number;
  /** Whether lamps are alight, and how they flicker where that is known. */
  readonly lamps?: Lamps;
  readonly readings: readonly Reading[];
}

const DAY = 86_400_000;
/** No instant is darker than a clear moonless night (USNO Circular 171 at −18°). */
export const NIGHT_LUX = clearHorizontalLux(-18);

function dayOfYear(at: number): number {
  const year = new Date(at).getUTCFullYear();
  return Math.floor((at - Date.UTC(year, 0, 1)) / DAY) + 1;
}

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
  const sky = { altitude, apparentAltitude, dayOfYear: dayOfYear(at), cloudEighths: light.cloudEighths };
  const { roof } = light;
  const levels = light.passing && !roof ? passingCloud(sky) : undefined;
  const open = levels?.inSun ?? daylight(sky);
  const lamps = light.lamps && lampsAlight(light.lamps, at) ? light.lamps : undefined;
  return {
    at,
    ground,
    sun,
    daylight: roof ? underRoof(open, roof.daylightShare) : open,
    roofed: roof !== undefined,
    ...(levels ? { inCloud: levels.inCloud } : {}),
    lampLux: lamps ? lampLuxOf(lamps) : 0,
    ...(lamps ? { lamps } : {}),
    readings: light.readings,
  };
}
