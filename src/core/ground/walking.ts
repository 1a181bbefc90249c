import { absent, present, type Maybe } from "../units";
import { convexParts, isInside } from "./polygon";
import { planDistance, type Point } from "./vector";

type Outline = readonly Point[];

export interface Walk {
  /** Metres along the way, 0 or more. */
  readonly metres: number;
  /** The corners of the way, from start to end. */
  readonly way: readonly Point[];
  /** Numbers of the crossings that it leads over, in the order of those that were told. */
  readonly over: readonly number[];
}

/** Something that is walked round, but for what is left open in it. */
export interface Walled {
  readonly outline: Outline;
  /** Outlines within which one walks all the same. */
  readonly but?: readonly Outline[];
  /** Whether a crossing leads over it. */
  readonly crossed?: boolean;
}

/** Margin in metres by which a way may touch what it walks along. */
const TOUCH = 1e-6;
/** Metres inside the edge of a crossing at which one goes over it. */
const WITHIN = 0.25;

/** The shortest way between two places of the plan. */
export type FindWay = (from: Point, to: Point) => Maybe<Walk, "inside-obstacle" | "no-way">;

/** A convex outline, counter-clockwise, with the sides' outward normals and the box about it. */
interface Convex {
  readonly outline: Outline;
  readonly out: readonly Point[];
  readonly low: Point;
  readonly high: Point;
}

interface Block extends Convex {
  readonly but: readonly Convex[];
  readonly crossed: boolean;
}

/** Where a straight way is inside something, as shares of its length. */
type Span = readonly [enter: number, leave: number];

/**
 * The shortest ways on foot round blocks, from anywhere to anywhere: the visibility graph of their widened corners and of those of the
 * crossings, searched by A* with the straight distance; what corners see of each other is found out once. Outlines in plan metres, of
 * which those that are not convex are cut into parts; `clearance` in metres is kept from every one (0.5 m is assumed). Exact for outlines
 * that do not cross themselves; absent when an end lies inside a block or no way leads out.
 */
export function waysRound(
  walled: readonly Walled[],
  clearance = 0.5,
  crossings: readonly Outline[] = [],
): FindWay {
  const blocks = walled.flatMap(({ outline, but = [], crossed = false }): Block[] => {
    const left = but.flatMap(convexParts).map(convexOf);
    return convexParts(outline).map((part) => ({ ...convexOf(part), but: left, crossed }));
  });
  const over = crossings.map((outline) => convexParts(outline).map(convexOf));
  const onCrossing = over.flat();
  const closed = (p: Point, own?: Convex): boolean =>
    blocks.some(
      (b) =>
        b !== own &&
        holds(p, b) &&
        !b.but.some((o) => holds(p, o)) &&
        !(b.crossed && onCrossing.some((o) => holds(p, o))),
    );
  // The ends may stand in a margin, as beside a wall; the corners one walks round may not.
  const corners = [
    ...blocks.flatMap((b) => widened(b, clearance).filter((p) => !closed(p, b))),
    ...onCrossing.flatMap((o) => widened(o, -WITHIN).filter((p) => holds(p, o) && !closed(p))),
  ];
  const free = (a: Point, b: Point): boolean =>
    blocks.every((block) => {
      const inside = spanOf(a, b, block);
      if (!inside) return true;
      const open = block.crossed ? [...block.but, ...onCrossing] : block.but;
      return open.length > 0 && covers(inside, spansOf(a, b, open));
    });
  const known = new Map<number, boolean>();
  const cornersSee = (i: number, j: number): boolean => {
    const pair = i < j ? i * corners.length + j : j * corners.length + i;
    const seen = known.get(pair) ?? free(corners[i]!, corners[j]!);
    known.set(pair, seen);
    return seen;
  };
  /** The crossings without which a straight way would not be free. */
  const crossingsOf = (a: Point, b: Point): number[] => {
    const crossed = blocks.flatMap((block) => {
      const inside = block.crossed && spanOf(a, b, block);
      return inside && !covers(inside, spansOf(a, b, block.but)) ? [inside] : [];
    });
    return over.flatMap((parts, i) =>
      spansOf(a, b, parts).some((s) => crossed.some((c) => s[0] < c[1] && c[0] < s[1])) ? [i] : [],
    );
  };
  return (from, to) => {
    if (closed(from) || closed(to)) return absent("inside-obstacle");
    const points = [from, to, ...corners];
    const way = shortest(points, (i, j) =>
      i < ENDS || j < ENDS ? free(points[i]!, points[j]!) : cornersSee(i - ENDS, j - ENDS),
    );
    if (!way) return absent("no-way");
    const legs = way.slice(1).map((p, i) => [way[i]!, p] as const);
    return present({
      metres: legs.reduce((sum, [a, b]) => sum + planDistance(a, b), 0),
      way,
      over: [...new Set(legs.flatMap(([a, b]) => crossingsOf(a, b)))],
    });
  };
}

/** The first two points of a search are its ends, the others corners. */
const ENDS = 2;

function convexOf(outline: Outline): Convex {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  return {
    outline,
    out: outline.map((p, i) => outward(p, outline[(i + 1) % outline.length]!)),
    low: { x: Math.min(...xs), y: Math.min(...ys) },
    high: { x: Math.max(...xs), y: Math.max(...ys) },
  };
}

const holds = (p: Point, { outline, low, high }: Convex): boolean =>
  p.x >= low.x && p.x <= high.x && p.y >= low.y && p.y <= high.y && isInside(p, outline);

/** Corners moved outward along the bisector, so that the sides lie `by` metres out. */
const widened = ({ outline, out }: Convex, by: number): Point[] =>
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

/** Where a straight way goes through the inside of a convex outline, clipped by its sides; undefined where it does not. */
function spanOf(a: Point, b: Point, { outline, out, low, high }: Convex): Span | undefined {
  // Most lie wholly to one side of it.
  if (Math.max(a.x, b.x) <= low.x || Math.min(a.x, b.x) >= high.x) return undefined;
  if (Math.max(a.y, b.y) <= low.y || Math.min(a.y, b.y) >= high.y) return undefined;
  let [enter, leave] = [0, 1];
  for (let i = 0; i < outline.length; i++) {
    const [p, side] = [outline[i]!, out[i]!];
    const from = (a.x - p.x) * side.x + (a.y - p.y) * side.y + TOUCH;
    const step = (b.x - a.x) * side.x + (b.y - a.y) * side.y;
    if (step === 0) {
      if (from >= 0) return undefined;
    } else if (step < 0) enter = Math.max(enter, -from / step);
    else leave = Math.min(leave, -from / step);
    if (enter >= leave) return undefined;
  }
  return [enter, leave];
}

const spansOf = (a: Point, b: Point, outlines: readonly Convex[]): Span[] =>
  outlines.flatMap((o) => {
    const span = spanOf(a, b, o);
    return span ? [span] : [];
  });

/** Share of a way by which two spans that touch may lie apart. */
const SEAM = 1e-4;

/** Whether spans leave nothing of one open between them. */
function covers([enter, leave]: Span, spans: readonly Span[]): boolean {
  let reached = enter;
  for (const [from, to] of [...spans].sort((a, b) => a[0] - b[0])) {
    if (from > reached + SEAM) return false;
    reached = Math.max(reached, to);
    if (reached >= leave - SEAM) return true;
  }
  return false;
}

/** A* from the first point to the second over all pairs that see each other; undefined where none leads there. */
function shortest(
  points: readonly Point[],
  sees: (i: number, j: number) => boolean,
): readonly Point[] | undefined {
  const left = points.map((p) => planDistance(p, points[1]!));
  const best = points.map((_, i) => (i === 0 ? 0 : Infinity));
  const before = points.map(() => -1);
  const done = points.map(() => false);
  for (;;) {
    let at = -1;
    for (let i = 0; i < points.length; i++)
      if (!done[i] && best[i]! < Infinity && (at < 0 || best[i]! + left[i]! < best[at]! + left[at]!)) at = i;
    if (at < 0) return undefined;
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
  return way;
}
