import { absent, asBearing, cosDeg, present, sinDeg, tanDeg, type Maybe } from "../units";
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

/** Where shadows fall: the way from the sun, and metres along it for each metre of height. */
interface Fall {
  readonly away: Point;
  readonly perMetre: number;
}

/** The outline of a body's shadow for a fall. */
type Cast = (fall: Fall) => Point[];

const onGround = ({ x, y, z }: Vector, { away, perMetre }: Fall): Point => ({
  x: x + away.x * z * perMetre,
  y: y + away.y * z * perMetre,
});

/** Corners of a round shadow, and where they stand on a circle. */
const ROUND = Array.from({ length: 24 }, (_, i) => ({ along: cosDeg(15 * i), aside: sinDeg(15 * i) }));

function castOf(solid: Solid): Cast {
  if (solid.form === "ellipsoid") {
    // What an ellipsoid throws is an ellipse: as wide as it is, and √(across² + (up · length of a metre's shadow)²) long.
    const { centre, across, up } = solid;
    return (fall) => {
      const { x, y } = onGround(centre, fall);
      const { away, perMetre } = fall;
      const long = Math.hypot(across, up * perMetre);
      return ROUND.map(({ along, aside }) => ({
        x: x + away.x * long * along - away.y * across * aside,
        y: y + away.y * long * along + away.x * across * aside,
      }));
    };
  }
  const points = surfacePoints(solid);
  return (fall) => convexHull(points.map((p) => onGround(p, fall)));
}

/** Kept per thing: its surface stays where it is while the sun goes round. */
const casts = new WeakMap<Obstacle, readonly Cast[]>();

function castsOf(obstacle: Obstacle): readonly Cast[] {
  const known = casts.get(obstacle);
  if (known) return known;
  const made = convexSolids(obstacle).map(castOf);
  casts.set(obstacle, made);
  return made;
}

/** The bodies of a thing as convex ones: an outline that is not is cut into parts. */
const convexSolids = (obstacle: Obstacle): Solid[] =>
  solidsOf(obstacle).flatMap((solid): Solid[] =>
    solid.form === "prism" ? convexParts(solid.outline).map((outline) => ({ ...solid, outline })) : [solid],
  );

/**
 * Outlines of a thing's shadow on level ground: of each of its convex bodies the hull of its surface moved away from the sun,
 * of a crown the ellipse; together they are the shadow. Absent while the sun is down.
 */
export function shadowOutlines(
  obstacle: Obstacle,
  sun: { readonly azimuth: number; readonly apparentAltitude: number },
): Maybe<Point[][], "sun-down"> {
  if (sun.apparentAltitude <= 0) return absent("sun-down", { altitude: sun.apparentAltitude });
  const away = alongBearing(asBearing(sun.azimuth + 180));
  const perMetre = shadowLength(1, sun.apparentAltitude);
  return present(castsOf(obstacle).map((cast) => cast({ away, perMetre })));
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
