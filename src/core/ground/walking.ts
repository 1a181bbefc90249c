import { absent, present, type Maybe } from "../units";
import { convexParts, isInside } from "./polygon";
import { planDistance, type Point } from "./vector";

export interface Walk {
  /** Metres along the way, 0 or more. */
  readonly metres: number;
  /** The corners of the way, from start to end. */
  readonly way: readonly Point[];
}

/** Margin in metres by which a way may touch what it walks along. */
const TOUCH = 1e-6;

/** The shortest way between two places of the plan. */
export type FindWay = (from: Point, to: Point) => Maybe<Walk, "inside-obstacle" | "no-way">;

/** A convex outline, counter-clockwise, with the sides' outward normals and the box about it. */
interface Block {
  readonly outline: readonly Point[];
  readonly out: readonly Point[];
  readonly low: Point;
  readonly high: Point;
}

/**
 * The shortest ways on foot round blocks, from anywhere to anywhere: the visibility graph of their widened corners, searched by A*
 * with the straight distance; what corners see of each other is found out once. `outlines` in plan metres, of which those that are
 * not convex are cut into parts; `clearance` in metres is kept from every one (0.5 m is assumed). Exact for outlines that do not cross
 * themselves; absent when an end lies inside a block or no way leads out.
 */
export function waysRound(outlines: readonly (readonly Point[])[], clearance = 0.5): FindWay {
  const blocks = outlines.flatMap(convexParts).map(blockOf);
  const inside = (p: Point): boolean => blocks.some((b) => isWithin(p, b) && isInside(p, b.outline));
  // The ends may stand in a margin, as beside a wall; the corners one walks round may not.
  const corners = blocks.flatMap((b, i) =>
    widened(b, clearance).filter(
      (p) => !blocks.some((o, j) => j !== i && isWithin(p, o) && isInside(p, o.outline)),
    ),
  );
  const free = (a: Point, b: Point): boolean => blocks.every((block) => !cuts(a, b, block));
  const known = new Map<number, boolean>();
  const cornersSee = (i: number, j: number): boolean => {
    const pair = i < j ? i * corners.length + j : j * corners.length + i;
    const seen = known.get(pair) ?? free(corners[i]!, corners[j]!);
    known.set(pair, seen);
    return seen;
  };
  return (from, to) => {
    if (inside(from) || inside(to)) return absent("inside-obstacle");
    const points = [from, to, ...corners];
    return shortest(points, (i, j) =>
      i < ENDS || j < ENDS ? free(points[i]!, points[j]!) : cornersSee(i - ENDS, j - ENDS),
    );
  };
}

/** The first two points of a search are its ends, the others corners. */
const ENDS = 2;

function blockOf(outline: readonly Point[]): Block {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  return {
    outline,
    out: outline.map((p, i) => outward(p, outline[(i + 1) % outline.length]!)),
    low: { x: Math.min(...xs), y: Math.min(...ys) },
    high: { x: Math.max(...xs), y: Math.max(...ys) },
  };
}

const isWithin = ({ x, y }: Point, { low, high }: Block): boolean =>
  x >= low.x && x <= high.x && y >= low.y && y <= high.y;

/** Corners moved outward along the bisector, so that the sides lie `by` metres out. */
const widened = ({ outline, out }: Block, by: number): Point[] =>
  outline.map((p, i) => {
    const a = out[(i + out.length - 1) % out.length]!;
    const b = out[i]!;
    const k = by / Math.max(0.2, 1 + a.x * b.x + a.y * b.y);
    return { x: p.x + (a.x + b.x) * k, y: p.y + (a.y + b.y) * k };
  });

function outward(a: Point, b: Point): Point {
  const length = planDistance(a, b) || 1;
  return { x: (b.y - a.y) / length, y: (a.x - b.x) / length };
}

/** Whether a straight way goes through the inside of a block: clipped by its sides. */
function cuts(a: Point, b: Point, { outline, out, low, high }: Block): boolean {
  // Most blocks lie wholly to one side of it.
  if (Math.max(a.x, b.x) <= low.x || Math.min(a.x, b.x) >= high.x) return false;
  if (Math.max(a.y, b.y) <= low.y || Math.min(a.y, b.y) >= high.y) return false;
  let [enter, leave] = [0, 1];
  for (let i = 0; i < outline.length; i++) {
    const [p, side] = [outline[i]!, out[i]!];
    const from = (a.x - p.x) * side.x + (a.y - p.y) * side.y + TOUCH;
    const step = (b.x - a.x) * side.x + (b.y - a.y) * side.y;
    if (step === 0) {
      if (from >= 0) return false;
    } else if (step < 0) enter = Math.max(enter, -from / step);
    else leave = Math.min(leave, -from / step);
    if (enter >= leave) return false;
  }
  return true;
}

/** A* from the first point to the second over all pairs that see each other. */
function shortest(points: readonly Point[], sees: (i: number, j: number) => boolean): Maybe<Walk, "no-way"> {
  const left = points.map((p) => planDistance(p, points[1]!));
  const best = points.map((_, i) => (i === 0 ? 0 : Infinity));
  const before = points.map(() => -1);
  const done = points.map(() => false);
  for (;;) {
    let at = -1;
    for (let i = 0; i < points.length; i++)
      if (!done[i] && best[i]! < Infinity && (at < 0 || best[i]! + left[i]! < best[at]! + left[at]!)) at = i;
    if (at < 0) return absent("no-way");
    if (at === 1) break;
    done[at] = true;
    for (let i = 1; i < points.length; i++) {
      const reach = best[at]! + planDistance(points[at]!, points[i]!);
      if (done[i] || reach >= best[i]! || !sees(at, i)) continue;
      best[i] = reach;
      before[i] = at;
    }
  }
  const way: Point[] = [];
  for (let i = 1; i >= 0; i = before[i]!) way.unshift(points[i]!);
  return present({ metres: best[1]!, way });
}
