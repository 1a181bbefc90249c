import { alongBearing, bearingTo, planDistance, toVenue, type Point, type Venue } from "@/core/ground";
import { asBearing, cosDeg, sinDeg } from "@/core/units";

/** How one place of a plan lies to another. */
export interface Way {
  /** Metres over the ground. */
  readonly metres: number;
  /** Degrees from true north, clockwise, 0 … 360; 0 where both are one place. */
  readonly bearing: number;
}

/** The straight way from one place to another. */
export const wayBetween = (from: Point, to: Point): Way => ({
  metres: planDistance(from, to),
  bearing: bearingTo(from, to),
});

/** The place so many metres along a bearing. */
export function placeAlong(from: Point, bearing: number, metres: number): Point {
  const way = alongBearing(bearing);
  return { x: from.x + way.x * metres, y: from.y + way.y * metres };
}

/** A bearing turned clockwise by so many degrees, 0 … 360. */
export const turnedBy = (bearing: number, degrees: number): number => asBearing(bearing + degrees);

/** How far an outline reaches along a bearing and to its right, in metres from the plan's middle. */
export function reachAlong(outline: readonly Point[], bearing: number) {
  const [north, east] = [cosDeg(bearing), sinDeg(bearing)];
  const along = outline.map(({ x, y }) => x * east + y * north);
  const aside = outline.map(({ x, y }) => x * north - y * east);
  return {
    high: Math.max(...along),
    low: Math.min(...along),
    left: Math.min(...aside),
    right: Math.max(...aside),
    /** The place so far along and so far aside. */
    at: (a: number, s: number): Point => ({ x: east * a + north * s, y: north * a - east * s }),
  };
}

/** Whether a place falls on the grid of a venue at every so many steps of so many metres. */
export function onVenueGrid(venue: Venue, at: Point, step: number, every: number): boolean {
  const { x, y } = toVenue(venue, at);
  return Math.round(x / step) % every === 0 && Math.round(y / step) % every === 0;
}
