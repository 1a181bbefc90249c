import { convexHull } from "../ground";
import { cosDeg, sinDeg } from "../units";
import { squareTo, waysOf, type Seen2, type Solid, type View } from "./solid";
import { add, dot, type Vec } from "./turned";

/** Where a light stands to a body, degrees. */
export interface Light {
  /** Clockwise from the way the body faces, as one looks down on it. */
  readonly turn: number;
  /** Above the ground, more than 0. */
  readonly altitude: number;
}

/** The way from a body to the light. */
const toLight = ({ turn, altitude }: Light): Vec => ({
  x: cosDeg(altitude) * cosDeg(turn),
  y: -cosDeg(altitude) * sinDeg(turn),
  z: sinDeg(altitude),
});

/** Where a place of a body throws its shadow on level ground. */
const fallen = (at: Vec, light: Vec): Vec => add(at, light, -at.z / light.z);

/** Points about a ball that throw the rim of its shadow. */
const RIM = 12;

/** The points of a ball at which the light only brushes it: a circle square to its way. */
function rimOf(at: Vec, radius: number, light: Vec): Vec[] {
  const { aside, up } = squareTo(light);
  return Array.from({ length: RIM }, (_, i) => {
    const degrees = (360 * i) / RIM;
    return add(add(at, aside, radius * cosDeg(degrees)), up, radius * sinDeg(degrees));
  });
}

/** The balls whose hull throws the shadow of a solid: of a wheel those about its tyre. */
function ballsOf({
  from,
  to,
  fromRadius,
  toRadius,
  further = [],
  ring,
}: Solid): readonly (readonly [Vec, number])[] {
  if (!ring) return [[from, fromRadius], ...[to, ...further].map((at) => [at, toRadius] as const)];
  const { aside, up } = squareTo(ring.axle);
  return Array.from({ length: RIM }, (_, i) => {
    const degrees = (360 * i) / RIM;
    return [
      add(add(from, aside, ring.radius * cosDeg(degrees)), up, ring.radius * sinDeg(degrees)),
      fromRadius,
    ] as const;
  });
}

/** The shadow of a body on level ground as it is seen from somewhere: an outline a solid, exact but for the corners of its rims. */
export function shadowSeen(solids: readonly Solid[], light: Light, view: View): Seen2[][] {
  const way = toLight(light);
  const { right, up } = waysOf(view);
  return solids.map((solid) => {
    const rims = ballsOf(solid)
      .flatMap(([at, radius]) => rimOf(at, radius, way))
      .map((p) => fallen(p, way));
    return convexHull(rims.map((p) => ({ x: dot(p, right), y: dot(p, up) }))).map(({ x, y }): Seen2 => [
      x,
      y,
    ]);
  });
}
