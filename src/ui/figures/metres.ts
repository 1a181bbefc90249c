import type { PartClass, Subject } from "@/core/motion";
import { radians, type Phase } from "./shape";
import { SILHOUETTES } from "./silhouettes";

/** An outline of a subject in metres: x to the right of the picture, y up from its foot, or from its middle off the ground. */
interface MetrePiece {
  readonly part: PartClass;
  readonly outline: (readonly [number, number])[];
}

/** Metres of the measure that a figure is drawn in. */
export function measureOf({ figure = "standing", height, length, span }: Subject): number {
  const { unit } = SILHOUETTES[figure];
  return unit === "height" ? height : ((unit === "length" ? length : span) ?? height);
}

/** A subject's outlines at its true size, seen at an angle, heading to the right (1) or to the left (−1). */
export function figureInMetres(
  subject: Subject,
  seen: { readonly turn: number; readonly phase: Phase; readonly heads: 1 | -1; readonly aloft: boolean },
): MetrePiece[] {
  const { pieces, from, to, middle } = SILHOUETTES[subject.figure ?? "standing"];
  const size = measureOf(subject);
  const centre = ((from + to) / 2) * Math.sin(radians(seen.turn));
  const base = seen.aloft ? middle : 0;
  return pieces(seen.turn, seen.phase).map(({ part, outline }) => ({
    part,
    outline: outline.map(([x, y]) => [seen.heads * (x - centre) * size, (y - base) * size] as const),
  }));
}
