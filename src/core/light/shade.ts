import {
  absent,
  angleBetween,
  asBearing,
  cosDeg,
  present,
  sinDeg,
  tanDeg,
  toDegrees,
  toRadians,
  type Maybe,
} from "../units";
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
    const stretch = rayThrough(point, toSun, obstacle.outline);
    return stretch !== undefined && point.z + rise * stretch.enter < obstacle.height;
  });
}

const SKY_STEPS = 36;

/**
 * Share 0 … 1 of the open sky's light on the side of an upright subject that the camera sees. A cylinder weighs the sky
 * by cos²h, so a wall up to h takes (2/π)(h + sin h·cos h) of its direction; directions weigh by what the half that is
 * seen catches of them, (π − φ)·cos φ + sin φ at the turn φ from the camera. In steps of ten degrees.
 */
export function skyOpenness(point: Vector, obstacles: readonly Obstacle[], bearingToCamera: number): number {
  if (obstacles.length === 0) return 1;
  const open = openDirections(point, obstacles);
  // The table is read between whole degrees; the directions are ten degrees apart, so one share serves them all.
  const start = asBearing(-bearingToCamera);
  const share = start - Math.floor(start);
  let [sum, weights] = [0, 0];
  for (let i = 0; i < SKY_STEPS; i++) {
    const turn = (Math.floor(start) + 10 * i) % 360;
    const weight = SEEN_WEIGHTS[turn]! * (1 - share) + SEEN_WEIGHTS[turn + 1]! * share;
    sum += open[i]! * weight;
    weights += weight;
  }
  return sum / weights;
}

/** What the seen half of a cylinder catches of a direction at a turn of 0, 1 … 360 degrees from the camera. */
const SEEN_WEIGHTS = Array.from({ length: 361 }, (_, turn) => {
  const phi = toRadians(angleBetween(turn, 0));
  return (Math.PI - phi) * Math.cos(phi) + Math.sin(phi);
});

/** Share of the cylinder's light left in each of the directions of the sky, at a point. */
interface OpenAt {
  readonly point: Vector;
  readonly shares: readonly number[];
}

/** Kept per list of obstacles and point: along the clock and from all positions nothing about it changes. */
const openness = new WeakMap<readonly Obstacle[], OpenAt[]>();
/** A ground has some dozens of spots; more points than this are a drag, and only the latest matter. */
const MOST_KEPT = 64;

function openDirections(point: Vector, obstacles: readonly Obstacle[]): readonly number[] {
  const known = openness.get(obstacles) ?? [];
  for (const { point: p, shares } of known)
    if (p.x === point.x && p.y === point.y && p.z === point.z) return shares;
  const shares = Array.from({ length: SKY_STEPS }, (_, i) => {
    const h = skyline(point, 10 * i, obstacles);
    return 1 - (2 / Math.PI) * (toRadians(h) + sinDeg(h) * cosDeg(h));
  });
  openness.set(obstacles, [{ point, shares }, ...known].slice(0, MOST_KEPT));
  return shares;
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
