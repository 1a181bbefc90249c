import { cosDeg, sinDeg } from "../units";
import type { Venue } from "./ground";
import type { Point } from "./vector";

/** From the venue's own axes (x to the right, y along its long axis) to plan metres. */
export function fromVenue(venue: Pick<Venue, "bearing" | "centre">, p: Point): Point {
  const c = cosDeg(venue.bearing);
  const s = sinDeg(venue.bearing);
  return { x: venue.centre.x + p.x * c + p.y * s, y: venue.centre.y - p.x * s + p.y * c };
}

/** From plan metres to the venue's own axes: the inverse of `fromVenue`. */
export function toVenue(venue: Pick<Venue, "bearing" | "centre">, p: Point): Point {
  const c = cosDeg(venue.bearing);
  const s = sinDeg(venue.bearing);
  const dx = p.x - venue.centre.x;
  const dy = p.y - venue.centre.y;
  return { x: dx * c - dy * s, y: dx * s + dy * c };
}
