import { absent, asBearing, cosDeg, present, sinDeg, tanDeg, toDegrees, type Maybe } from "../units";
import { alongBearing, convexHull, rayThrough, type Obstacle, type Point, type Vector } from "../ground";

/** Length in metres of the shadow of something `height` metres tall on level ground; the sun's altitude as seen, > 0. */
export const shadowLength = (height: number, sunAltitude: number): number => height / tanDeg(sunAltitude);

/**
 * Outline of an obstacle's shadow on level ground, its own base included: the hull of the base and of the top moved
 * away from the sun. Convex bases; absent while the sun is down.
 */
export function shadowOutline(
  obstacle: Obstacle,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
): Maybe<Point[], "sun-down"> {
  if (sun.apparentAltitude <= 0) return absent("sun-down", { altitude: sun.apparentAltitude });
  const away = alongBearing(asBearing(sun.azimuth + 180));
  const length = shadowLength(obstacle.height, sun.apparentAltitude);
  const top = obstacle.outline.map((p) => ({ x: p.x + away.x * length, y: p.y + away.y * length }));
  return present(convexHull([...obstacle.outline, ...top]));
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
    const stretch = rayThrough(point, toSun, obstacle.outline);
    return stretch !== undefined && point.z + rise * stretch.enter < obstacle.height;
  });
}

const SKY_STEPS = 48;

/**
 * Share 0 … 1 of an even sky's light on an upright cylinder at a point that obstacles leave, by 48 directions. The
 * cylinder weighs the sky by cos²h, so a wall up to h takes (2/π)(h + sin h·cos h) of its direction. Taken over the
 * whole turn, not the seen half alone: a few percent.
 */
export function skyOpenness(point: Vector, obstacles: readonly Obstacle[]): number {
  const key = `${point.x} ${point.y} ${point.z}`;
  const known = openness.get(obstacles) ?? new Map<string, number>();
  openness.set(obstacles, known);
  const share = known.get(key) ?? computeOpenness(point, obstacles);
  known.set(key, share);
  return share;
}

/** Kept per list of obstacles: along the clock nothing about it changes. */
const openness = new WeakMap<readonly Obstacle[], Map<string, number>>();

function computeOpenness(point: Vector, obstacles: readonly Obstacle[]): number {
  let open = 0;
  for (let i = 0; i < SKY_STEPS; i++) {
    const h = skyline(point, (360 * i) / SKY_STEPS, obstacles);
    open += 1 - (2 / Math.PI) * ((h * Math.PI) / 180 + sinDeg(h) * cosDeg(h));
  }
  return open / SKY_STEPS;
}

/** Highest altitude in degrees, 0 … 90, that an obstacle reaches in one direction. */
function skyline(point: Vector, bearing: number, obstacles: readonly Obstacle[]): number {
  const step = alongBearing(bearing);
  let highest = 0;
  for (const obstacle of obstacles) {
    if (obstacle.height <= point.z) continue;
    const stretch = rayThrough(point, step, obstacle.outline);
    if (!stretch) continue;
    highest = Math.max(highest, toDegrees(Math.atan2(obstacle.height - point.z, stretch.enter)));
  }
  return highest;
}
