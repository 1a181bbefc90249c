import { absent, asBearing, present, tanDeg, type Maybe } from "../units";
import {
  alongBearing,
  convexHull,
  convexParts,
  OBSTACLE_KINDS,
  solidsOf,
  surfacePoints,
  throughThing,
  type Obstacle,
  type Point,
  type Solid,
  type Vector,
} from "../ground";

/** Length in metres of the shadow of something `height` metres tall on level ground; the sun's altitude as seen, > 0. */
export const shadowLength = (height: number, sunAltitude: number): number => height / tanDeg(sunAltitude);

/** Kept per thing: its surface stays where it is while the sun goes round. */
const surfaces = new WeakMap<Obstacle, readonly (readonly Vector[])[]>();

/** Points of the surface of each convex body of a thing, whose hull on the ground is the body's shadow. */
function surfacesOf(obstacle: Obstacle): readonly (readonly Vector[])[] {
  const known = surfaces.get(obstacle);
  if (known) return known;
  const made = convexSolids(obstacle).map(surfacePoints);
  surfaces.set(obstacle, made);
  return made;
}

/** The bodies of a thing as convex ones: an outline that is not is cut into parts. */
const convexSolids = (obstacle: Obstacle): Solid[] =>
  solidsOf(obstacle).flatMap((solid): Solid[] =>
    solid.form === "prism" ? convexParts(solid.outline).map((outline) => ({ ...solid, outline })) : [solid],
  );

/**
 * Outlines of a thing's shadow on level ground: of each of its convex bodies the hull of its surface moved away from the sun;
 * together they are the shadow. Absent while the sun is down.
 */
export function shadowOutlines(
  obstacle: Obstacle,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
): Maybe<Point[][], "sun-down"> {
  if (sun.apparentAltitude <= 0) return absent("sun-down", { altitude: sun.apparentAltitude });
  const away = alongBearing(asBearing(sun.azimuth + 180));
  const perMetre = shadowLength(1, sun.apparentAltitude);
  const onGround = ({ x, y, z }: Vector): Point => ({
    x: x + away.x * z * perMetre,
    y: y + away.y * z * perMetre,
  });
  return present(surfacesOf(obstacle).map((points) => convexHull(points.map(onGround))));
}

/** The obstacle that keeps the sun's centre from a point in space, if any; netting does not. The sun as seen, above the horizon. */
export function shadedBy(
  point: Vector,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
  obstacles: readonly Obstacle[],
): Obstacle | undefined {
  const { x, y } = alongBearing(sun.azimuth);
  const toSun = { x, y, z: tanDeg(sun.apparentAltitude) };
  return obstacles.find((obstacle) => {
    if (!OBSTACLE_KINDS[obstacle.kind].shades) return false;
    const stretch = throughThing(point, toSun, obstacle);
    return stretch !== undefined && stretch.leave > 0;
  });
}
