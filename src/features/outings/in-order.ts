import { windowOf, type Outing } from "@/data";

/** Outings as they are looked for: what comes next, what follows, what is over, what was put away. */
export interface InOrder {
  readonly next: Outing | undefined;
  readonly later: readonly Outing[];
  /** Latest first. */
  readonly past: readonly Outing[];
  readonly away: readonly Outing[];
}

/** By the instant at which each begins, wherever that is; an outing is over when its window has ended. */
export function inOrder(all: readonly Outing[], now: number): InOrder {
  const begins = new Map(all.map((outing) => [outing, windowOf(outing).from]));
  const outings = all.toSorted((a, b) => begins.get(a)! - begins.get(b)!);
  const kept = outings.filter((s) => !s.archived);
  const [next, ...later] = kept.filter((s) => windowOf(s).until >= now);
  return {
    next,
    later,
    past: kept.filter((s) => windowOf(s).until < now).reverse(),
    away: outings.filter((s) => s.archived).reverse(),
  };
}
