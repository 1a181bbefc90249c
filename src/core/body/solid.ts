import { convexHull, type Swatch } from "../ground";
import { cosDeg, sinDeg } from "../units";
import { add, between, dot, inBody, type Turned, type Vec } from "./turned";

/** What a solid of a body belongs to: what moves with it in a picture. */
export type SolidPart = "body" | "limb" | "tool" | "wing";

/** A piece of a figure: the hull of two balls, of more where it has further corners, or a ring; in shares of the figure's measure. */
export interface Solid {
  /** What it is: "left thigh". */
  readonly name: string;
  readonly part: SolidPart;
  readonly from: Vec;
  readonly to: Vec;
  /** Radius of the ball at `from`, in the same shares, 0 or more. */
  readonly fromRadius: number;
  /** Radius of the ball at `to`, in the same shares, 0 or more. */
  readonly toRadius: number;
  /** Where something swung is held. */
  readonly hub?: Vec;
  /** The ends of what it is worn over: it hides that, and is hidden with it. */
  readonly over?: readonly [Vec, Vec];
  /** Further corners of something flat or broad, each a ball as large as that at `to`. */
  readonly further?: readonly Vec[];
  /** Set for a wheel about `from`: its axle, and from there to the middle of its tyre, whose radius is that of the balls. */
  readonly ring?: {
    readonly axle: Vec;
    /** Shares of the measure, more than the radius of the tyre. */
    readonly radius: number;
  };
  /** Set for what lies in the water at z = 0: what of it is under that is not seen. */
  readonly wet?: boolean;
  /** What it is made of, where nobody wears it and no colour of the subject goes over it. */
  readonly made?: Swatch;
}

/** From where a body is looked at, degrees. */
export interface View {
  /** Degrees between the way it faces and the camera: 0 face on, 90 from its right side, so that it faces to the right; 180 from behind. */
  readonly turn: number;
  /** Degrees by which the camera stands above it: 0 level, 90 straight above. */
  readonly above: number;
}

/** A view as its ways in the body: to the right of the picture, up in it, and toward the camera. */
export interface Ways {
  readonly right: Vec;
  readonly up: Vec;
  readonly toward: Vec;
}

export function waysOf({ turn, above }: View): Ways {
  const [c, s, ce, se] = [cosDeg(turn), sinDeg(turn), cosDeg(above), sinDeg(above)];
  return {
    right: { x: s, y: c, z: 0 },
    up: { x: -se * c, y: se * s, z: ce },
    toward: { x: ce * c, y: -ce * s, z: se },
  };
}

/** A place of the picture, in shares of the standing height: x to the right, y up. */
export type Seen2 = readonly [x: number, y: number];

const onto = (p: Vec, { right, up }: Ways): Seen2 => [dot(p, right), dot(p, up)];

/** Points on a half circle of an outline. */
const STEPS = 9;

const arc = ([x, y]: Seen2, radius: number, from: number, to: number, steps = STEPS): Seen2[] =>
  Array.from({ length: steps + 1 }, (_, i): Seen2 => {
    const angle = from + ((to - from) * i) / steps;
    return [x + radius * Math.cos(angle), y + radius * Math.sin(angle)];
  });

/**
 * The outline of a solid from far away: the hull of two circles, exact for the hull of two balls. Where one circle lies within the other, the
 * larger one.
 */
export function outlineOf(solid: Solid, ways: Ways): Seen2[] {
  return solid.wet ? aboveLine(wholeOutline(solid, ways), waterline(solid, ways)) : wholeOutline(solid, ways);
}

/** A line of the picture: a place of it, and the way that is up from it. */
interface Line {
  readonly at: Seen2;
  readonly up: Seen2;
}

/** Where the water cuts a solid, as it is seen: under its axis, lower by what its front shows of the surface. */
function waterline({ from, to, fromRadius, toRadius }: Solid, ways: Ways): Line {
  const [a, b] = [onto({ ...from, z: 0 }, ways), onto({ ...to, z: 0 }, ways)];
  const lower = Math.max(0, ways.toward.z) * Math.max(fromRadius, toRadius);
  const [dx, dy] = a[0] <= b[0] ? [b[0] - a[0], b[1] - a[1]] : [a[0] - b[0], a[1] - b[1]];
  const length = Math.hypot(dx, dy);
  // Seen end on the water lies level.
  const up: Seen2 = length < fromRadius ? [0, 1] : [-dy / length, dx / length];
  return { at: [(a[0] + b[0]) / 2, Math.min(a[1], b[1]) - lower], up };
}

/** The part of an outline that lies above a line. */
function aboveLine(outline: readonly Seen2[], { at, up }: Line): Seen2[] {
  const height = ([x, y]: Seen2): number => (x - at[0]) * up[0] + (y - at[1]) * up[1];
  return outline.flatMap((p, i): Seen2[] => {
    const next = outline[(i + 1) % outline.length]!;
    const [h, n] = [height(p), height(next)];
    const cut: Seen2[] =
      h >= 0 === n >= 0
        ? []
        : [[p[0] + (h / (h - n)) * (next[0] - p[0]), p[1] + (h / (h - n)) * (next[1] - p[1])]];
    return h >= 0 ? [p, ...cut] : cut;
  });
}

function wholeOutline(solid: Solid, ways: Ways): Seen2[] {
  const { from, to, fromRadius, toRadius, further, ring } = solid;
  if (ring) return ringOf(solid, ring, ways);
  if (further) return hullOf(solid, further, ways);
  const [a, b] = [onto(from, ways), onto(to, ways)];
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const apart = Math.hypot(dx, dy);
  if (apart <= Math.abs(fromRadius - toRadius) + 1e-9) {
    const [middle, radius] = fromRadius > toRadius ? [a, fromRadius] : [b, toRadius];
    return arc(middle, radius, 0, 2 * Math.PI, 2 * STEPS + 4).slice(0, -1);
  }
  const heading = Math.atan2(dy, dx);
  // Where the common tangents touch: off the square by what one ball is larger.
  const touch = Math.acos((fromRadius - toRadius) / apart);
  return [
    ...arc(b, toRadius, heading - touch, heading + touch),
    ...arc(a, fromRadius, heading + touch, heading - touch + 2 * Math.PI),
  ];
}

/** Points about each ball of something broad. */
const ABOUT = 8;

/** The hull of more than two balls. */
function hullOf({ from, to, fromRadius, toRadius }: Solid, further: readonly Vec[], ways: Ways): Seen2[] {
  const balls = [
    { at: from, radius: fromRadius },
    ...[to, ...further].map((at) => ({ at, radius: toRadius })),
  ];
  const points = balls.flatMap(({ at, radius }) => arc(onto(at, ways), radius, 0, 2 * Math.PI, ABOUT));
  return convexHull(points.map(([x, y]) => ({ x, y }))).map(({ x, y }): Seen2 => [x, y]);
}

/** Points about a wheel. */
const ROUND = 28;

/** A tyre: its outer edge one way round, its inner one the other, so that it is open within. */
function ringOf(
  { from, fromRadius }: Solid,
  { axle, radius }: NonNullable<Solid["ring"]>,
  ways: Ways,
): Seen2[] {
  const { aside, up } = squareTo(axle);
  const edge = (r: number): Seen2[] =>
    Array.from({ length: ROUND + 1 }, (_, i): Seen2 => {
      const degrees = (360 * i) / ROUND;
      const at = add(add(from, aside, r * cosDeg(degrees)), up, r * sinDeg(degrees));
      return onto(at, ways);
    });
  return [...edge(radius + fromRadius), ...edge(radius - fromRadius).toReversed()];
}

/** Two ways that are square to one and to each other. */
export function squareTo(way: Vec): { readonly aside: Vec; readonly up: Vec } {
  const flat = Math.hypot(way.x, way.y);
  const aside = flat < 1e-9 ? { x: 0, y: 1, z: 0 } : { x: -way.y / flat, y: way.x / flat, z: 0 };
  return {
    aside,
    up: {
      x: aside.y * way.z - aside.z * way.y,
      y: aside.z * way.x - aside.x * way.z,
      z: aside.x * way.y - aside.y * way.x,
    },
  };
}

/** What is worn lies so much before what it is worn over. */
const WORN = 1e-4;

/** How far toward the camera a solid's middle stands; what is worn stands just before what it is worn over. */
export function nearness({ from, to, over, further = [] }: Solid, { toward }: Ways): number {
  if (over) return dot(between(...over, 0.5), toward) + WORN;
  const corners = [from, to, ...further];
  return corners.reduce((sum, at) => sum + dot(at, toward), 0) / corners.length;
}

/** How far down and up, and how near and far, solids reach along a way. */
export function reachAlong(
  solids: readonly Solid[],
  way: Vec,
): { readonly least: number; readonly most: number } {
  const ends = solids.flatMap(({ from, to, fromRadius, toRadius, further = [], ring }) => [
    [dot(from, way), fromRadius + (ring ? ring.radius * squareShare(ring.axle, way) : 0)] as const,
    ...[to, ...further].map((at) => [dot(at, way), toRadius] as const),
  ]);
  return {
    least: Math.min(...ends.map(([at, radius]) => at - radius)),
    most: Math.max(...ends.map(([at, radius]) => at + radius)),
  };
}

/** How far something round an axle reaches along a way, as a share of its radius. */
const squareShare = (axle: Vec, way: Vec): number => Math.sqrt(Math.max(0, 1 - dot(axle, way) ** 2));

/** A solid whose every place is another. */
const everyPlace = (solid: Solid, to: (at: Vec) => Vec): Solid => ({
  ...solid,
  from: to(solid.from),
  to: to(solid.to),
  ...(solid.hub && { hub: to(solid.hub) }),
  ...(solid.over && { over: [to(solid.over[0]), to(solid.over[1])] as const }),
  ...(solid.further && { further: solid.further.map(to) }),
});

/** A solid moved. */
export const moved = (solid: Solid, by: Vec): Solid => everyPlace(solid, (at) => add(at, by));

/** A solid so many times as large, about the foot of its figure. */
export const enlarged = (solid: Solid, times: number): Solid => ({
  ...everyPlace(solid, (at) => ({ x: at.x * times, y: at.y * times, z: at.z * times })),
  fromRadius: solid.fromRadius * times,
  toRadius: solid.toRadius * times,
  ...(solid.ring && { ring: { ...solid.ring, radius: solid.ring.radius * times } }),
});

/** A solid turned with all that it belongs to. */
export const turnedWith = (solid: Solid, turned: Turned): Solid => ({
  ...everyPlace(solid, (at) => inBody(turned, at)),
  ...(solid.ring && { ring: { ...solid.ring, axle: inBody(turned, solid.ring.axle) } }),
});

/** A solid's mirror, left for right. */
export const mirroredSolid = (solid: Solid): Solid => ({
  ...everyPlace(solid, (at) => ({ ...at, y: -at.y })),
  ...(solid.ring && { ring: { ...solid.ring, axle: { ...solid.ring.axle, y: -solid.ring.axle.y } } }),
});
