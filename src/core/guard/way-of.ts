import {
  alongBearing,
  headingOf,
  nearestOnSide,
  planDistance,
  type Ground,
  type Point,
  type Spot,
} from "../ground";

/** A track this near to a spot is the way of who is met there; metres. */
const OF_THE_SPOT = 4;

/** Degrees by which a way turns from one leg to the next before it counts as a bend; as the sine of it. */
const BEND = Math.sin((3 * Math.PI) / 180);

/** The nearest place of a way to a point. */
interface Nearest {
  /** Metres on the plan. */
  readonly away: number;
  readonly at: Point;
  /** On which side of a bend one is there; where the way runs straight, neither. */
  readonly bend: "inside" | "outside" | "straight";
}

/**
 * The ways along which a subject comes to its spot: the tracks through it, each carried straight on beyond its ends by so many metres;
 * where none is drawn, straight on the way that it heads.
 */
export function legsOf(
  { tracks }: Pick<Ground, "tracks">,
  spot: Spot,
  on: number,
): readonly (readonly Point[])[] {
  const through = tracks
    .filter(({ points }) => points.length > 1 && nearestOn(points, spot.at).away <= OF_THE_SPOT)
    .map(({ points }) => [
      beyond(points[1]!, points[0]!, on),
      ...points,
      beyond(points.at(-2)!, points.at(-1)!, on),
    ]);
  if (through.length > 0 || on === 0) return through;
  const way = alongBearing(headingOf(spot));
  return [[spot.at, { x: spot.at.x + way.x * on, y: spot.at.y + way.y * on }]];
}

function beyond(from: Point, end: Point, on: number): Point {
  const length = planDistance(from, end);
  if (length === 0) return end;
  return { x: end.x + ((end.x - from.x) * on) / length, y: end.y + ((end.y - from.y) * on) / length };
}

/** The nearest place of a way of two points or more. */
export function nearestOn(way: readonly Point[], to: Point): Nearest {
  let best: (Nearest & { readonly leg: number }) | undefined;
  for (let i = 0; i + 1 < way.length; i++) {
    const [a, b] = [way[i]!, way[i + 1]!];
    const at = nearestOnSide(to, [a, b]);
    const away = planDistance(at, to);
    if (!best || away < best.away) best = { away, at, bend: "straight", leg: i };
  }
  const { away, at, leg } = best!;
  return { away, at, bend: sideOf(way, leg, to) };
}

/** Left of a leg is +. */
const across = (a: Point, b: Point, p: Point): number =>
  (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);

function sideOf(way: readonly Point[], leg: number, to: Point): Nearest["bend"] {
  const [a, b] = [way[leg]!, way[leg + 1]!];
  const before = way[leg - 1];
  const after = way[leg + 2];
  const sine = (p: Point, q: Point, r: Point): number => {
    const size = planDistance(p, q) * planDistance(q, r);
    return size === 0 ? 0 : across(p, q, r) / size;
  };
  const turn = (before ? sine(before, a, b) : 0) + (after ? sine(a, b, after) : 0);
  if (Math.abs(turn) < BEND) return "straight";
  return Math.sign(across(a, b, to)) === Math.sign(turn) ? "inside" : "outside";
}
