import { asBearing, cosDeg, sinDeg } from "../units";
import type { Anchor } from "./ground";
import type { Point } from "./vector";

/** WGS 84: equatorial radius in metres, and the eccentricity squared (from memory). */
const EQUATOR = 6_378_137;
const ECCENTRICITY_2 = 0.00669437999014;
/** Nearer to a pole than this in degrees, east loses its meaning; the plan is laid out from here. */
const NEXT_TO_POLE = 0.01;

/** Metres per degree of latitude and of longitude about the anchor, at its height. */
function metresPerDegree(anchor: Anchor): { readonly north: number; readonly east: number } {
  const latitude = Math.max(-90 + NEXT_TO_POLE, Math.min(90 - NEXT_TO_POLE, anchor.latitude));
  const w2 = 1 - ECCENTRICITY_2 * sinDeg(latitude) ** 2;
  const meridian = (EQUATOR * (1 - ECCENTRICITY_2)) / w2 ** 1.5 + anchor.elevation;
  const parallel = EQUATOR / Math.sqrt(w2) + anchor.elevation;
  return { north: (meridian * Math.PI) / 180, east: (parallel * cosDeg(latitude) * Math.PI) / 180 };
}

export interface Coordinates {
  /** Degrees, north and east positive; longitude in [−180, 180). */
  readonly latitude: number;
  /** Degrees, −180 … 180, east positive. */
  readonly longitude: number;
}

const wrapped = (longitude: number): number => asBearing(longitude + 180) - 180;

/**
 * Coordinates of a place on the plan: the tangent plane of the WGS 84 ellipsoid at the anchor. Within 0.1 m at one
 * kilometre and 2 m at five below 60° of latitude; east shrinks faster nearer to the poles.
 */
export function toCoordinates(anchor: Anchor, place: Point): Coordinates {
  const per = metresPerDegree(anchor);
  return {
    latitude: anchor.latitude + place.y / per.north,
    longitude: wrapped(anchor.longitude + place.x / per.east),
  };
}

/** The place on the plan of coordinates in degrees: the inverse of `toCoordinates`, across the date line as well. */
export function fromCoordinates(anchor: Anchor, coordinates: Coordinates): Point {
  const per = metresPerDegree(anchor);
  return {
    x: wrapped(coordinates.longitude - anchor.longitude) * per.east,
    y: (coordinates.latitude - anchor.latitude) * per.north,
  };
}
