interface Served {
  /** Index of the place. */
  readonly place: number;
  /** 0 … 1. */
  readonly score: number;
}

/** A few places that serve all shots as well as can be. */
export interface Cover {
  /** Indices of the places, rising. */
  readonly places: readonly number[];
  /** For each shot the place that serves it best; none where every place is vetoed. */
  readonly serves: readonly (Served | undefined)[];
  /** Sum over the shots of score × weight: what the cover is worth. */
  readonly value: number;
}

/** More sets of places than these are not looked through: the answer is then the best of those that were. */
const MOST_SETS = 200_000;

/** Every set of `count` of the first `n` numbers, in rising order. */
function* setsOf(n: number, count: number, from = 0): Generator<number[]> {
  if (count === 0) return yield [];
  for (let i = from; i <= n - count; i++) for (const rest of setsOf(n, count - 1, i + 1)) yield [i, ...rest];
}

function coverBy(
  places: readonly number[],
  scores: readonly (readonly (number | undefined)[])[],
  weights: readonly number[],
): Cover {
  let value = 0;
  const serves = weights.map((weight, shot) => {
    let best: Served | undefined;
    for (const place of places) {
      const score = scores[place]![shot];
      if (score !== undefined && score > (best?.score ?? -1)) best = { place, score };
    }
    value += weight * (best?.score ?? 0);
    return best;
  });
  return { places, serves, value };
}

/**
 * The best set of so many places for all shots at once, by looking through every set: exact. `scores` by place, then by shot,
 * 0 … 1, `undefined` where the place cannot serve it; `weights` by shot, above 0. Of sets that are worth the same the first is
 * taken. Fewer places than asked for are all taken.
 */
export function bestCover(
  scores: readonly (readonly (number | undefined)[])[],
  weights: readonly number[],
  count: number,
): Cover {
  let best: Cover | undefined;
  let looked = 0;
  for (const places of setsOf(scores.length, Math.min(count, scores.length))) {
    const cover = coverBy(places, scores, weights);
    if (!best || cover.value > best.value + 1e-12) best = cover;
    if (++looked >= MOST_SETS) break;
  }
  return best ?? coverBy([], scores, weights);
}
