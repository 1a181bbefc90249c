import type { Ground } from "../ground";
import {
  clearHorizontalLux,
  daylight,
  FIELD_LAMP_LUX,
  lampsAlight,
  sunAt,
  type Daylight,
  type Lamps,
  type Reading,
  type Sun,
} from "../light";

/** The light that is planned for, and what was measured of it. */
export interface LightPlan {
  /** Eighths of the sky under cloud, 0 … 8. */
  readonly cloudEighths: number;
  /** Absent where the ground has no lamps. */
  readonly lamps?: Lamps;
  readonly readings: readonly Reading[];
}

/** The ground at one instant, the same for every shot and position. */
export interface Scene {
  readonly at: number;
  readonly ground: Ground;
  readonly sun: Sun;
  readonly daylight: Daylight;
  /** Mean horizontal lux of the lamps; 0 while they are dark. */
  readonly lampLux: number;
  readonly readings: readonly Reading[];
}

const DAY = 86_400_000;
/** No instant is darker than a clear moonless night (USNO Circular 171 at −18°). */
export const NIGHT_LUX = clearHorizontalLux(-18);

function dayOfYear(at: number): number {
  const year = new Date(at).getUTCFullYear();
  return Math.floor((at - Date.UTC(year, 0, 1)) / DAY) + 1;
}

/** The scene at an instant in epoch milliseconds. */
export function sceneAt(ground: Ground, light: LightPlan, at: number): Scene {
  const sun = sunAt(at, ground.anchor);
  return {
    at,
    ground,
    sun,
    daylight: daylight({ ...sun, dayOfYear: dayOfYear(at), cloudEighths: light.cloudEighths }),
    lampLux: light.lamps && lampsAlight(light.lamps, at) ? FIELD_LAMP_LUX[light.lamps.class] : 0,
    readings: light.readings,
  };
}
