import { absent, asBearing, present, tanDeg, type Maybe } from "../units";
import {
  alongBearing,
  convexHull,
  convexParts,
  rayThrough,
  type Obstacle,
  type Point,
  type Vector,
} from "../ground";

/** Length in metres of the shadow of something `height` metres tall on level ground; the sun's altitude as seen, > 0. */
export const shadowLength = (height: number, sunAltitude: number): number => height / tanDeg(sunAltitude);

/**
 * Outlines of an obstacle's shadow on level ground, its own base included: the hull of the base and of the top moved
 * away from the sun, one for each convex part of the base; together they are the shadow. Absent while the sun is down.
 */
export function shadowOutlines(
  obstacle: Obstacle,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
): Maybe<Point[][], "sun-down"> {
  if (sun.apparentAltitude <= 0) return absent("sun-down", { altitude: sun.apparentAltitude });
  const away = alongBearing(asBearing(sun.azimuth + 180));
  const length = shadowLength(obstacle.height, sun.apparentAltitude);
  const shadowOf = (base: readonly Point[]): Point[] => {
    const top = base.map((p) => ({ x: p.x + away.x * length, y: p.y + away.y * length }));
    return convexHull([...base, ...top]);
  };
  return present(convexParts(obstacle.outline).map(shadowOf));
}

/** The obstacle that keeps the sun's centre from a point in space, if any. The sun as seen, above the horizon. */
export function shadedBy(
  point: Vector,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
  obstacles: readonly Obstacle[],
): Obstacle | undefined {
  const toSun = alongBearing(sun.azimuth);
  const rise = tanDeg(sun.apparentAltitude);
  return obstacles.find((obstacle) => {
    if (point.z >= obstacle.height) return false;
    const stretch = rayThrough(point, toSun, obstacle.outline);
    return stretch !== undefined && point.z + rise * stretch.enter < obstacle.height;
  });
}
