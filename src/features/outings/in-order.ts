import { windowOf, type Outing, type Window } from "@/data";

/** Outings as they are looked for: what comes next, what follows, what is over, what was put away. */
export interface InOrder {
  readonly next: Outing | undefined;
  readonly later: readonly Outing[];
  /** Latest first. */
  readonly past: readonly Outing[];
  readonly away: readonly Outing[];
}

const windows = new WeakMap<Outing, Window>();

function windowKept(outing: Outing): Window {
  const window = windows.get(outing) ?? windowOf(outing);
  windows.set(outing, window);
  return window;
}

/** By the instant at which each begins, wherever that is; an outing is over when its window has ended. */
export function inOrder(all: readonly Outing[], now: number): InOrder {
  const outings = all.toSorted((a, b) => windowKept(a).from - windowKept(b).from);
  const kept = outings.filter((s) => !s.archived);
  const [next, ...later] = kept.filter((s) => windowKept(s).until >= now);
  return {
    next,
    later,
    past: kept.filter((s) => windowKept(s).until < now).reverse(),
    away: outings.filter((s) => s.archived).reverse(),
  };
}
