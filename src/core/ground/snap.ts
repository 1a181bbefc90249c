import { alongBearing, bearingTo } from "./bearing";
import { nearestOnSide } from "./polygon";
import { planDistance, type Point } from "./vector";

/** What a place can be drawn to. */
export interface SnapTo {
  /** Corners of other things, and places that stand by themselves. */
  readonly corners: readonly Point[];
  /** Sides of other things, from end to end. */
  readonly sides: readonly (readonly [Point, Point])[];
  /** The corners beside the one that is moved: a right angle is made with them. */
  readonly beside: readonly Point[];
  /** Bearing in degrees of the venue's long axis, along and across which sides run. */
  readonly axis: number;
}

export interface Snapped {
  readonly at: Point;
  readonly by: "corner" | "side" | "axis" | "free";
}

/** The nearest of some places, if one lies within a distance. */
function nearest(at: Point, places: readonly Point[], within: number): Point | undefined {
  let best: Point | undefined;
  let least = within;
  for (const place of places) {
    const away = planDistance(at, place);
    if (away > least) continue;
    [best, least] = [place, away];
  }
  return best;
}

/** The foot of a place on the line through another along a bearing. */
function footOn(at: Point, through: Point, bearing: number): Point {
  const way = alongBearing(bearing);
  const along = (at.x - through.x) * way.x + (at.y - through.y) * way.y;
  return { x: through.x + along * way.x, y: through.y + along * way.y };
}

/** Where two lines cross; absent for parallel ones. */
function meeting(a: Point, bearingA: number, b: Point, bearingB: number): Point | undefined {
  const [u, v] = [alongBearing(bearingA), alongBearing(bearingB)];
  const across = u.x * v.y - u.y * v.x;
  if (Math.abs(across) < 1e-6) return undefined;
  const t = ((b.x - a.x) * v.y - (b.y - a.y) * v.x) / across;
  return { x: a.x + t * u.x, y: a.y + t * u.y };
}

/** Bearings along which a side may run: the venue's axes, and square to the side between the neighbours. */
function bearingsOf({ beside, axis }: SnapTo): number[] {
  const [a, b] = beside;
  const own = a && b && planDistance(a, b) > 1e-6 ? [bearingTo(a, b), bearingTo(a, b) + 45] : [];
  return [axis, axis + 90, ...own.flatMap((bearing) => [bearing, bearing + 90])];
}

/**
 * A place drawn to what lies within a distance in metres of it: a corner before anything, then the crossing of two straight
 * lines from its neighbours, then one such line, then a side. Free where nothing is near.
 */
export function snap(at: Point, to: SnapTo, within: number): Snapped {
  const corner = nearest(at, to.corners, within);
  if (corner) return { at: corner, by: "corner" };
  const bearings = bearingsOf(to);
  const [a, b] = to.beside;
  const crossings = a && b ? bearings.flatMap((p) => bearings.flatMap((q) => meeting(a, p, b, q) ?? [])) : [];
  const crossing = nearest(at, crossings, within);
  if (crossing) return { at: crossing, by: "axis" };
  const lines = to.beside.flatMap((place) => bearings.map((bearing) => footOn(at, place, bearing)));
  const line = nearest(at, lines, within);
  if (line) return { at: line, by: "axis" };
  const side = nearest(
    at,
    to.sides.map((s) => nearestOnSide(at, s)),
    within,
  );
  return side ? { at: side, by: "side" } : { at, by: "free" };
}
