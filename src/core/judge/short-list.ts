import type { Candidate, HeatCell } from "./candidate";

/**
 * The best places that are different from one another: each at least `apart` metres from every better one. Ties go to the
 * place that was found first.
 */
export function shortList(
  heat: readonly HeatCell[],
  { most, apart }: { readonly most: number; readonly apart: number },
): Candidate[] {
  const byScore = heat.flatMap((c) => (c.best ? [c.best] : [])).sort((a, b) => b.score - a.score);
  const chosen: Candidate[] = [];
  for (const candidate of byScore) {
    if (chosen.length >= most) break;
    const near = chosen.some((c) => Math.hypot(c.at.x - candidate.at.x, c.at.y - candidate.at.y) < apart);
    if (!near) chosen.push(candidate);
  }
  return chosen;
}
