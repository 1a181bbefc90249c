import type { Point } from "../ground";

/** What of an outline lies where `depth` is 0 or more (Sutherland and Hodgman's clipping by one edge); a depth that is linear over the plan. */
export const cutAhead = (outline: readonly Point[], depth: (p: Point) => number): Point[] =>
  outline.flatMap((p, i) => {
    const next = outline[(i + 1) % outline.length]!;
    const [a, b] = [depth(p), depth(next)];
    const kept = a >= 0 ? [p] : [];
    if (a >= 0 === b >= 0) return kept;
    const t = a / (a - b);
    return [...kept, { x: p.x + (next.x - p.x) * t, y: p.y + (next.y - p.y) * t }];
  });
