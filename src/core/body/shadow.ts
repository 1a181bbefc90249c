import { convexHull } from "../ground";
import { cosDeg, sinDeg } from "../units";
import { waysOf, type Seen2, type Solid, type View } from "./solid";
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
  const flat = Math.hypot(light.x, light.y);
  const aside = flat < 1e-9 ? { x: 0, y: 1, z: 0 } : { x: -light.y / flat, y: light.x / flat, z: 0 };
  const up = {
    x: aside.y * light.z - aside.z * light.y,
    y: aside.z * light.x - aside.x * light.z,
    z: aside.x * light.y - aside.y * light.x,
  };
  return Array.from({ length: RIM }, (_, i) => {
    const degrees = (360 * i) / RIM;
    return add(add(at, aside, radius * cosDeg(degrees)), up, radius * sinDeg(degrees));
  });
}

/** The shadow of a body on level ground as it is seen from somewhere: an outline a solid, exact but for the corners of its rims. */
export function shadowSeen(solids: readonly Solid[], light: Light, view: View): Seen2[][] {
  const way = toLight(light);
  const { right, up } = waysOf(view);
  return solids.map(({ from, to, fromRadius, toRadius }) => {
    const rims = [...rimOf(from, fromRadius, way), ...rimOf(to, toRadius, way)].map((p) => fallen(p, way));
    return convexHull(rims.map((p) => ({ x: dot(p, right), y: dot(p, up) }))).map(({ x, y }): Seen2 => [
      x,
      y,
    ]);
  });
}
