import { Body, Equator, Horizon, Observer, SearchRiseSet } from "astronomy-engine";
import { absent, present, type Maybe } from "../units";
import type { Anchor } from "../ground";

export interface Sun {
  /** Bearing in degrees from true north. */
  readonly azimuth: number;
  /** Geometric altitude of the centre in degrees, without refraction. */
  readonly altitude: number;
  /** Altitude as seen, with a standard atmosphere: for shadows and for direct light. */
  readonly apparentAltitude: number;
}

/**
 * Where the sun stands, topocentric, from `astronomy-engine`: within 0.001° of NREL/TP-560-34302's worked example
 * without refraction, 0.005° with.
 */
export function sunAt(at: number, place: Anchor): Sun {
  const observer = new Observer(place.latitude, place.longitude, place.elevation);
  const date = new Date(at);
  const { ra, dec } = Equator(Body.Sun, date, observer, true, true);
  const geometric = Horizon(date, observer, ra, dec);
  const seen = Horizon(date, observer, ra, dec, "normal");
  return { azimuth: geometric.azimuth, altitude: geometric.altitude, apparentAltitude: seen.altitude };
}

/**
 * The next sunset after an instant within 24 hours: upper limb on a level horizon, −0.833°. Epoch milliseconds.
 * In polar day or night there is none, and the reason says which.
 */
export function nextSunset(
  after: number,
  place: Anchor,
): Maybe<number, "sun-never-sets" | "sun-never-rises"> {
  const observer = new Observer(place.latitude, place.longitude, 0);
  const found = SearchRiseSet(Body.Sun, observer, -1, new Date(after), 1);
  if (found) return present(found.date.getTime());
  return absent(sunAt(after, place).altitude > -0.833 ? "sun-never-sets" : "sun-never-rises");
}

export type SkyPhase = "day" | "golden" | "blue" | "nautical" | "astronomical" | "night";

/**
 * The name of the light by the sun's geometric altitude: golden −4…6°, blue −6…−4° (common practice), nautical to
 * −12°, astronomical to −18° (definition).
 */
export function skyPhase(altitude: number): SkyPhase {
  if (altitude >= 6) return "day";
  if (altitude >= -4) return "golden";
  if (altitude >= -6) return "blue";
  if (altitude >= -12) return "nautical";
  return altitude >= -18 ? "astronomical" : "night";
}
