import { evenFrom } from "../../units";
import { shuffled } from "../run/shuffled";

/** A place that may be chosen, as the judge has it. */
export interface StandOption {
  readonly id: string;
  /** 0 … 1; absent where one may not stand, or gets no picture. */
  readonly score?: number;
}

/** Options of a question at most. */
const MOST = 4;

/** Up to four places to choose from, from a seed: the best, one that is vetoed where there is one, and others. Absent ones score nothing. */
export function standQuestion<T extends StandOption>(seed: number, options: readonly T[]): T[] {
  const random = evenFrom(seed);
  const best = options.toSorted((a, b) => (b.score ?? -1) - (a.score ?? -1))[0];
  const vetoed = shuffled(
    options.filter((o) => o.score === undefined),
    random,
  )[0];
  const rest = shuffled(
    options.filter((o) => o !== best && o !== vetoed),
    random,
  );
  const chosen = [best, vetoed, ...rest].filter((o): o is T => o !== undefined).slice(0, MOST);
  return shuffled(chosen, random);
}

/** What a choice gave away against the best of what could be chosen, 0 … 1: all of the best where it is vetoed. */
export function standLoss(options: readonly StandOption[], id: string): number {
  const best = Math.max(0, ...options.map((o) => o.score ?? 0));
  return best - (options.find((o) => o.id === id)?.score ?? 0);
}
