import { planDistance, type Point } from "./vector";

const turn = (o: Point, a: Point, b: Point): number => (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

function halfHull(points: readonly Point[]): Point[] {
  const chain: Point[] = [];
  for (const p of points) {
    while (chain.length > 1 && turn(chain[chain.length - 2]!, chain[chain.length - 1]!, p) <= 0) chain.pop();
    chain.push(p);
  }
  chain.pop();
  return chain;
}

/** Square metres inside an outline that does not cross itself: above 0 where it runs counter-clockwise, below 0 the other way. */
export const signedArea = (outline: readonly Point[]): number =>
  outline.reduce((sum, p, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return sum + p.x * next.y - next.x * p.y;
  }, 0) / 2;

/** Convex hull, counter-clockwise, by the monotone chain. Fewer than three distinct points come back as they are. */
export function convexHull(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  if (sorted.length < 3) return sorted;
  return [...halfHull(sorted), ...halfHull([...sorted].reverse())];
}

/** Square metres by which a corner may turn inward and still count as straight: what rounding leaves of a curve. */
const STRAIGHT = 1e-6;

const isSame = (a: Point, b: Point): boolean =>
  Math.abs(a.x - b.x) < STRAIGHT && Math.abs(a.y - b.y) < STRAIGHT;

/**
 * A simple outline cut into convex parts, each counter-clockwise: itself when it is convex, else triangles by clipping
 * ears. An outline that crosses itself comes back as its hull.
 */
export function convexParts(outline: readonly Point[]): Point[][] {
  const once = outline.filter((p, i) => !isSame(p, outline[(i + 1) % outline.length]!));
  const rest = signedArea(once) < 0 ? once.reverse() : once;
  const corner = (i: number) =>
    [rest[(i + rest.length - 1) % rest.length]!, rest[i]!, rest[(i + 1) % rest.length]!] as const;
  if (rest.every((_, i) => turn(...corner(i)) >= -STRAIGHT)) return [rest];
  const parts: Point[][] = [];
  while (rest.length > 3) {
    const ear = rest.findIndex((_, i) => {
      const [a, b, c] = corner(i);
      const holds = (p: Point): boolean => turn(a, b, p) >= 0 && turn(b, c, p) >= 0 && turn(c, a, p) >= 0;
      return turn(a, b, c) > 0 && !rest.some((p) => p !== a && p !== b && p !== c && holds(p));
    });
    if (ear < 0) return [convexHull(outline)];
    parts.push([...corner(ear)]);
    rest.splice(ear, 1);
  }
  return [...parts, rest];
}

/** True inside a simple polygon, by crossings; a point on the edge may count either way. */
export function isInside(point: Point, polygon: readonly Point[]): boolean {
  let inside = false;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const a = polygon[i]!;
    const b = polygon[j]!;
    if (a.y > point.y !== b.y > point.y && point.x < ((b.x - a.x) * (point.y - a.y)) / (b.y - a.y) + a.x)
      inside = !inside;
  }
  return inside;
}

/** The place of a side that lies nearest. */
export function nearestOnSide(at: Point, [a, b]: readonly [Point, Point]): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const square = dx * dx + dy * dy;
  const t = square === 0 ? 0 : ((at.x - a.x) * dx + (at.y - a.y) * dy) / square;
  const held = Math.max(0, Math.min(1, t));
  return { x: a.x + held * dx, y: a.y + held * dy };
}

/** Metres from a place to the nearest side of an outline, from within too; 0 or more. */
export const toEdge = (at: Point, outline: readonly Point[]): number =>
  Math.min(
    ...outline.map((a, i) => planDistance(at, nearestOnSide(at, [a, outline[(i + 1) % outline.length]!]))),
  );

/** Metres from a place to an outline, 0 inside it. */
export const toOutline = (at: Point, outline: readonly Point[]): number =>
  isInside(at, outline) ? 0 : toEdge(at, outline);

/** The stretch of a ray inside a convex or simple polygon: distances in units of the direction's length. */
export interface Stretch {
  /** Where the ray goes in, in lengths of its direction; below 0 behind its start. */
  readonly enter: number;
  /** Where the ray comes out, in lengths of its direction; at least `enter`. */
  readonly leave: number;
}

/**
 * Where a ray on the plan enters and leaves a polygon. `undefined` when it misses. A ray that starts inside
 * enters at 0. Of a polygon that is not convex the outermost stretch is told.
 */
export function rayThrough(from: Point, direction: Point, polygon: readonly Point[]): Stretch | undefined {
  let enter = Infinity;
  let leave = -Infinity;
  for (let i = 0, j = polygon.length - 1; i < polygon.length; j = i++) {
    const t = crossing(from, direction, polygon[j]!, polygon[i]!);
    if (t === undefined) continue;
    // Behind the start only counts for one that starts inside; of two wings the one ahead is met.
    if (t >= 0 && t < enter) enter = t;
    if (t > leave) leave = t;
  }
  if (leave < 0 || enter === Infinity) return undefined;
  return { enter: isInside(from, polygon) ? 0 : enter, leave };
}

function crossing(from: Point, direction: Point, a: Point, b: Point): number | undefined {
  const ex = b.x - a.x;
  const ey = b.y - a.y;
  const denominator = direction.x * ey - direction.y * ex;
  if (denominator === 0) return undefined;
  const u = ((a.x - from.x) * direction.y - (a.y - from.y) * direction.x) / denominator;
  if (u < 0 || u > 1) return undefined;
  return ((a.x - from.x) * ey - (a.y - from.y) * ex) / denominator;
}
