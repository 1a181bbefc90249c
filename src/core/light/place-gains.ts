import { daylight } from "./daylight";
import { evFromLux, subjectLight } from "./subject-light";
import { GROUND_REFLECTANCE } from "./surface";

/** What another place gives in stops, everything else as it is. */
export interface PlaceGains {
  /** Stops, 0 or more: the sun behind the camera instead of against it. */
  readonly frontForBack: number;
  /** Stops, 0 or more: the sun behind the camera instead of from the side. */
  readonly frontForSide: number;
  /** Stops, 0 or more: out of a shade, the sun behind the camera both times. */
  readonly sunForShade: number;
}

/** Day of the year at which the sun is at its middle distance. */
const MIDDLE_DAY = 93;

/**
 * What a different place gives under a clear sky, the sun at an altitude of 5 … 80 degrees, over grass, on an upright subject: the
 * model's own light, as `subjectLight` has it.
 */
export function placeGains(altitude: number): PlaceGains {
  const { directNormal, sky, cloud } = daylight({ altitude, dayOfYear: MIDDLE_DAY, cloudEighths: 0 });
  const ev = (turn: number, reaches: boolean): number => {
    const light = subjectLight({
      source: { bearing: 0, height: altitude },
      directNormal,
      sky,
      cloud,
      camera: { bearing: turn, height: 0 },
      reaches,
      skyLeft: 1,
      skyOnGround: 1,
      reflectance: GROUND_REFLECTANCE.grass,
      form: { kind: "upright" },
    });
    return evFromLux(light.direct + light.sky + light.ground);
  };
  const front = ev(0, true);
  return {
    frontForBack: Math.max(0, front - ev(180, true)),
    frontForSide: Math.max(0, front - ev(90, true)),
    sunForShade: Math.max(0, front - ev(0, false)),
  };
}
