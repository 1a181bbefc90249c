import { absent, present, type Maybe } from "../units";
import { convexParts, isInside } from "./polygon";
import { planDistance, type Point } from "./vector";

export interface WalkInput {
  readonly from: Point;
  readonly to: Point;
  /** Outlines in plan metres that one walks round; one that is not convex is cut into parts. */
  readonly blocks: readonly (readonly Point[])[];
  /** Metres kept from every outline; 0.5 when left out (assumed). */
  readonly clearance?: number;
}

export interface Walk {
  /** Metres along the way, 0 or more. */
  readonly metres: number;
  /** The corners of the way, from start to end. */
  readonly way: readonly Point[];
}

/** Margin in metres by which a way may touch what it walks along. */
const TOUCH = 1e-6;

/**
 * The shortest way on foot round convex blocks: the visibility graph of their widened corners, searched by Dijkstra.
 * Exact for outlines that do not cross themselves; absent when an end lies inside a block or no way leads out.
 */
export function walkRound(input: WalkInput): Maybe<Walk, "inside-obstacle" | "no-way"> {
  const clearance = input.clearance ?? 0.5;
  const blocks = input.blocks.flatMap(convexParts);
  if (blocks.some((b) => isInside(input.from, b) || isInside(input.to, b))) return absent("inside-obstacle");
  // The ends may stand in a margin, as beside a wall; the corners one walks round may not.
  const corners = blocks.flatMap((b, i) =>
    widened(b, clearance).filter((p) => !blocks.some((o, j) => j !== i && isInside(p, o))),
  );
  return shortest([input.from, input.to, ...corners], (a, b) => blocks.every((block) => !cuts(a, b, block)));
}

/** Corners moved outward along the bisector, so that the sides lie `by` metres out. Counter-clockwise outline. */
function widened(outline: readonly Point[], by: number): Point[] {
  const n = outline.length;
  return outline.map((p, i) => {
    const a = outward(outline[(i + n - 1) % n]!, p);
    const b = outward(p, outline[(i + 1) % n]!);
    const k = by / Math.max(0.2, 1 + a.x * b.x + a.y * b.y);
    return { x: p.x + (a.x + b.x) * k, y: p.y + (a.y + b.y) * k };
  });
}

function outward(a: Point, b: Point): Point {
  const length = planDistance(a, b) || 1;
  return { x: (b.y - a.y) / length, y: (a.x - b.x) / length };
}

/** Whether a straight way goes through the inside of a convex counter-clockwise outline: clipped by its sides. */
function cuts(a: Point, b: Point, outline: readonly Point[]): boolean {
  let [enter, leave] = [0, 1];
  for (let i = 0; i < outline.length; i++) {
    const p = outline[i]!;
    const out = outward(p, outline[(i + 1) % outline.length]!);
    const from = (a.x - p.x) * out.x + (a.y - p.y) * out.y + TOUCH;
    const step = (b.x - a.x) * out.x + (b.y - a.y) * out.y;
    if (step === 0) {
      if (from >= 0) return false;
    } else if (step < 0) enter = Math.max(enter, -from / step);
    else leave = Math.min(leave, -from / step);
    if (enter >= leave) return false;
  }
  return true;
}

/** Dijkstra from the first point to the second over all pairs that see each other. */
function shortest(points: readonly Point[], sees: (a: Point, b: Point) => boolean): Maybe<Walk, "no-way"> {
  const best = points.map((_, i) => (i === 0 ? 0 : Infinity));
  const before = points.map(() => -1);
  const done = points.map(() => false);
  for (;;) {
    let at = -1;
    for (let i = 0; i < points.length; i++)
      if (!done[i] && best[i]! < Infinity && (at < 0 || best[i]! < best[at]!)) at = i;
    if (at < 0) return absent("no-way");
    if (at === 1) break;
    done[at] = true;
    for (let i = 1; i < points.length; i++) {
      const reach = best[at]! + planDistance(points[at]!, points[i]!);
      if (done[i] || reach >= best[i]! || !sees(points[at]!, points[i]!)) continue;
      best[i] = reach;
      before[i] = at;
    }
  }
  const way: Point[] = [];
  for (let i = 1; i >= 0; i = before[i]!) way.unshift(points[i]!);
  return present({ metres: best[1]!, way });
}
