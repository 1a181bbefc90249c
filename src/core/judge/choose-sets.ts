import type { Settings } from "../exposure";
import type { Intent } from "../scene";
import type { SetUp } from "./set-up";

/** What a shot asks at a time: its settings as found, and how far the rails may go. */
export interface Sample {
  readonly shotId: string;
  /** Epoch milliseconds. */
  readonly at: number;
  /** How much it counts, above 0. */
  readonly weight: number;
  readonly intent: Intent;
  readonly need: Settings;
  /** Clicks of shutter and aperture less ISO at which it comes out right, and by which the settings found miss that already. */
  readonly right: number;
  /** Clicks too dark (+) or too bright (−), as found. */
  readonly off: number;
  /** Slowest shutter click that does. */
  readonly slowest: number;
  /** Fastest shutter click of the body. */
  readonly fastest: number;
  /** Lowest ISO click that the owner allows. */
  readonly isoFloor: number;
  /** Highest ISO click that the owner allows. */
  readonly isoCeiling: number;
  /** Whether the shutter draws lines: then a faster one is no better than a slower. */
  readonly drawn: boolean;
  readonly setUp: SetUp;
}

/** How a set exposes: all three by hand, the ISO left to the body, or the shutter left to it. */
export type SetMode = "manual" | "auto-iso" | "aperture-priority";

/** What is printed of a set, in clicks: where the body chooses, the bounds between which it does. */
export interface PrintedSet {
  readonly mode: SetMode;
  /** Slowest shutter click. */
  readonly shutter: number;
  /** Fastest shutter click; the same but for aperture priority. */
  readonly shutterTo: number;
  /** Clicks. */
  readonly aperture: number;
  /** Lowest ISO click. */
  readonly isoFrom: number;
  /** Highest ISO click; the same but for an automatic ISO. */
  readonly isoTo: number;
}

/** By how many clicks a set misses what a sample asks, each 0 or more. */
export interface Miss {
  /** Clicks by which the shutter is slower than the shot bears, or, for lines, other than it asks. */
  readonly slower: number;
  /** Clicks by which it comes out darker than the settings found. */
  readonly dark: number;
  /** Clicks by which it comes out brighter than the settings found. */
  readonly bright: number;
}

const inside = (value: number, from: number, to: number): number => Math.max(from, Math.min(to, value));

/** What the body sets of what is printed, in the light of a sample. */
function setIn(set: PrintedSet, { right }: Sample): Settings {
  const { mode, shutter, shutterTo, aperture, isoFrom, isoTo } = set;
  if (mode === "aperture-priority")
    return { shutter: inside(right + isoFrom - aperture, shutter, shutterTo), aperture, iso: isoFrom };
  return { shutter, aperture, iso: inside(shutter + aperture - right, isoFrom, isoTo) };
}

/** What a printed set misses of a sample: judged by what it prints and by nothing else. */
export function missOf(set: PrintedSet, sample: Sample): Miss {
  const { shutter, aperture, iso } = setIn(set, sample);
  const off = shutter + aperture - iso - sample.right;
  return {
    slower: sample.drawn ? Math.abs(shutter - sample.need.shutter) : Math.max(0, sample.slowest - shutter),
    dark: Math.max(0, off - Math.max(0, sample.off)),
    bright: Math.max(0, Math.min(0, sample.off) - off),
  };
}

export const clicksOf = ({ slower, dark, bright }: Miss): number => slower + dark + bright;

/** What a click costs by its kind: a shutter too slow or light amiss loses the picture, light given away only adds noise (assumed). */
const COST = { slower: 2, dark: 2, bright: 2, faster: 0.5, wider: 1, narrower: 0.5, unwatched: 0.5 };

/** What a set costs a sample, per unit of weight. */
function costOf(set: PrintedSet, sample: Sample): number {
  const { slower, dark, bright } = missOf(set, sample);
  const { shutter, aperture } = setIn(set, sample);
  const { need, drawn } = sample;
  return (
    COST.slower * slower +
    COST.dark * dark +
    COST.bright * bright +
    COST.faster * (drawn ? 0 : Math.max(0, shutter - need.shutter)) +
    COST.wider * Math.max(0, need.aperture - aperture) +
    COST.narrower * Math.max(0, aperture - need.aperture) +
    (set.mode === "aperture-priority" ? COST.unwatched : 0)
  );
}

/** A set with the samples that it serves. */
export interface ServedBy {
  readonly set: PrintedSet;
  readonly served: readonly Sample[];
}

/** More candidates than this are left out, those that alone would cost most: their triples would take seconds. */
const MOST_CANDIDATES = 60;

/** The few sets that serve samples best, exactly: every choice of that many among the candidates is weighed, the least cost wins. */
export function chooseSets(samples: readonly Sample[], most: number): ServedBy[] {
  if (samples.length === 0) return [];
  const rows = candidatesOf(samples)
    .map((set) => ({ set, costs: samples.map((s) => s.weight * costOf(set, s)) }))
    .map((row) => ({ ...row, sum: row.costs.reduce((a, b) => a + b, 0), best: Math.min(...row.costs) }))
    .sort((a, b) => a.sum - b.sum);
  // Those that serve all best, and of the rest those that serve something to the click.
  const kept = rows.filter((row, i) => i < MOST_CANDIDATES / 2 || row.best < 1e-9).slice(0, MOST_CANDIDATES);
  const best = cheapest(
    kept.map((row) => row.costs),
    Math.min(most, kept.length),
  );
  const serving = samples.map((_, i) =>
    best.reduce((a, b) => (kept[b]!.costs[i]! < kept[a]!.costs[i]! ? b : a)),
  );
  return best
    .filter((row) => serving.includes(row))
    .map((row) => {
      const served = samples.filter((_, i) => serving[i] === row);
      return { set: printed(kept[row]!.set, served), served };
    });
}

const distinct = (values: readonly number[]): number[] => [...new Set(values)];

/** Every shutter with every aperture that is asked or would do, the ISO left to the body; and each aperture and ISO with the shutter left to it. */
function candidatesOf(samples: readonly Sample[]): PrintedSet[] {
  const shutters = distinct(
    samples.flatMap((s) => (s.drawn ? [s.need.shutter] : [s.need.shutter, s.slowest])),
  );
  const apertures = distinct(samples.map((s) => s.need.aperture));
  const isos = distinct(samples.map((s) => s.need.iso));
  const [isoFrom, isoTo] = [
    Math.max(...samples.map((s) => s.isoFloor)),
    Math.min(...samples.map((s) => s.isoCeiling)),
  ];
  const fastest = Math.min(...samples.map((s) => s.fastest));
  const slowest = Math.min(...shutters);
  return apertures.flatMap((aperture): PrintedSet[] => [
    ...shutters.map((shutter): PrintedSet => ({
      mode: "auto-iso",
      shutter,
      shutterTo: shutter,
      aperture,
      isoFrom,
      isoTo,
    })),
    ...isos.map((iso): PrintedSet => ({
      mode: "aperture-priority",
      shutter: slowest,
      shutterTo: fastest,
      aperture,
      isoFrom: iso,
      isoTo: iso,
    })),
  ]);
}

/** Clicks of ISO within which one fixed value does. */
const ONE_ISO = 1;

/** A set as it is printed: with the bounds that it comes to, and by hand where one ISO does for all that it serves. */
function printed(set: PrintedSet, served: readonly Sample[]): PrintedSet {
  const taken = served.map((s) => setIn(set, s));
  if (set.mode === "aperture-priority") {
    const shutters = taken.map((t) => t.shutter);
    return { ...set, shutter: Math.min(...shutters), shutterTo: Math.max(...shutters) };
  }
  const isos = taken.map((t) => t.iso);
  const [isoFrom, isoTo] = [Math.min(...isos), Math.max(...isos)];
  return isoTo - isoFrom <= ONE_ISO
    ? { ...set, mode: "manual", isoFrom: isoTo, isoTo }
    : { ...set, isoFrom, isoTo };
}

/** The choice of `most` rows whose least cost by column sums to the least; every choice is weighed. */
function cheapest(costs: readonly (readonly number[])[], most: number): number[] {
  let best: { rows: number[]; sum: number } = { rows: [], sum: Infinity };
  const walk = (from: number, rows: number[], least: readonly number[]): void => {
    if (rows.length === most) {
      const sum = least.reduce((a, b) => a + b, 0);
      if (sum < best.sum - 1e-9) best = { rows, sum };
      return;
    }
    for (let row = from; row <= costs.length - (most - rows.length); row++)
      walk(
        row + 1,
        [...rows, row],
        costs[row]!.map((cost, i) => Math.min(cost, least[i] ?? Infinity)),
      );
  };
  walk(0, [], []);
  return best.rows;
}
