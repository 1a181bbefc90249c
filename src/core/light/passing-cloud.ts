import { daylight, type Daylight, type DaylightInput } from "./daylight";
import { sinDeg } from "../units";

/** The two levels between which light swings while single clouds pass: never a mean. */
export interface PassingCloud {
  readonly inSun: Daylight;
  readonly inCloud: Daylight;
}

/**
 * Daylight under passing cloud in eighths: in the gaps the sun of a clear sky, behind a cloud none of it, the sky's
 * part the same in both. IES daylight availability (from memory) for the parts.
 */
export function passingCloud(input: DaylightInput): PassingCloud {
  const mixed = daylight(input);
  const clear = daylight({ ...input, cloudEighths: 0 });
  const rise = Math.max(0, sinDeg(input.apparentAltitude ?? input.altitude));
  const level = (directNormal: number): Daylight => ({
    directNormal,
    sky: mixed.sky,
    horizontal: directNormal * rise + mixed.sky,
    cloud: mixed.cloud,
  });
  return { inSun: level(clear.directNormal), inCloud: level(0) };
}
