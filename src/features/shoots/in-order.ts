import { windowOf, type Shoot } from "@/data";

/** Outings as they are looked for: what comes next, what follows, what is over, what was put away. */
export interface InOrder {
  readonly next: Shoot | undefined;
  readonly later: readonly Shoot[];
  /** Latest first. */
  readonly past: readonly Shoot[];
  readonly away: readonly Shoot[];
}

/** `shoots` by date; an outing is over when its window has ended. */
export function inOrder(shoots: readonly Shoot[], now: number): InOrder {
  const kept = shoots.filter((s) => !s.archived);
  const [next, ...later] = kept.filter((s) => windowOf(s).until >= now);
  return {
    next,
    later,
    past: kept.filter((s) => windowOf(s).until < now).reverse(),
    away: shoots.filter((s) => s.archived).reverse(),
  };
}
