import type { Progress } from "../units";
import type { Settings } from "../exposure";
import { memorySets, type MemorySets, type MemorySetsInput } from "./memory-sets";
import { timeline, type Moment } from "./timeline";

export interface OutingCardInput extends MemorySetsInput {
  /** Epoch milliseconds of the outing, and the spacing at which it is looked at. */
  readonly from: number;
  /** Epoch milliseconds, after `from`. */
  readonly until: number;
  /** Milliseconds, above 0. */
  readonly step: number;
}

/** A moment at which settings change, with what each shot then takes. */
export interface CardMoment {
  /** Epoch milliseconds, found to a second. */
  readonly at: number;
  readonly code: Moment["code"];
  readonly then: readonly { readonly shotId: string; readonly settings: Settings }[];
}

export interface OutingCard {
  readonly sets: MemorySets;
  readonly moments: readonly CardMoment[];
}

/** Two moments of one kind so near in milliseconds are one. */
const ONE = 90_000;

/** What an outing's card says: the sets to put into the camera, and when settings change for which shot. */
export function* outingCard(input: OutingCardInput): Generator<Progress, OutingCard, void> {
  const { ground, light, shots, from, until, step } = input;
  const total = 2 * shots.length;
  const work = memorySets(input);
  let sets: MemorySets | undefined;
  while (!sets) {
    const next = work.next();
    if (next.done) sets = next.value;
    else yield { done: next.value.done, total };
  }
  const moments: { at: number; code: Moment["code"]; then: CardMoment["then"][number][] }[] = [];
  for (const [done, { times: _, weight: __, ...asked }] of shots.entries()) {
    const day = timeline({ ...asked, ground, light, from, until, step });
    for (const { at, code } of day.moments) {
      const after = day.points.find((p) => p.at >= at) ?? day.points.at(-1)!;
      const then = { shotId: asked.shot.id, settings: after.settings };
      const known = moments.find((m) => m.code === code && Math.abs(m.at - at) <= ONE);
      if (known) known.then.push(then);
      else moments.push({ at, code, then: [then] });
    }
    yield { done: shots.length + done + 1, total };
  }
  return { sets, moments: moments.sort((a, b) => a.at - b.at) };
}
