import { absent, present, type Maybe } from "../units";
import type { Rail, Settings } from "../exposure";

/** Frames of one series at the same settings, and how many of them were kept. */
export interface Series {
  readonly settings: Settings;
  /** Frames, above 0. */
  readonly taken: number;
  /** 0 … taken. */
  readonly kept: number;
}

/** A share with the bounds within which the true one lies, each 0 … 1. */
export interface Interval {
  /** 0 … 1. */
  readonly share: number;
  /** 0 … 1, at most the share. */
  readonly low: number;
  /** 0 … 1, at least the share. */
  readonly high: number;
}

/** Two-sided 95 % of the normal distribution. */
export const Z_95 = 1.959964;

/**
 * Wilson's score interval for `kept` of `taken` (E. B. Wilson 1927): honest for few frames and for none kept, where the
 * plain share would claim certainty. Absent when nothing was taken. `z` is 1.96 (95 %) when left out.
 */
export function wilsonInterval({
  kept,
  taken,
  z = Z_95,
}: {
  readonly kept: number;
  readonly taken: number;
  readonly z?: number;
}): Maybe<Interval, "nothing-taken"> {
  if (taken <= 0) return absent("nothing-taken");
  const share = kept / taken;
  const z2 = (z * z) / taken;
  const middle = (share + z2 / 2) / (1 + z2);
  const half = Math.sqrt(z2 * (share * (1 - share) + z2 / 4)) / (1 + z2);
  return present({ share, low: Math.max(0, middle - half), high: Math.min(1, middle + half) });
}

/** Keepers at one click of a rail. */
export interface KeeperRow extends Interval {
  /** Clicks of the rail. */
  readonly click: number;
  /** Frames, above 0. */
  readonly taken: number;
  /** Frames, 0 … `taken`. */
  readonly kept: number;
}

/** Share of keepers by the setting of one rail, from its lowest click up; settings never used are not listed. */
export function keepersBy(rail: Rail, series: readonly Series[]): KeeperRow[] {
  const sums = new Map<number, { taken: number; kept: number }>();
  for (const { settings, taken, kept } of series) {
    const sum = sums.get(settings[rail]) ?? { taken: 0, kept: 0 };
    sums.set(settings[rail], { taken: sum.taken + taken, kept: sum.kept + kept });
  }
  return [...sums]
    .sort(([a], [b]) => a - b)
    .flatMap(([click, counts]) => {
      const interval = wilsonInterval(counts);
      return interval.ok ? [{ click, ...counts, ...interval.value }] : [];
    });
}

/**
 * The slowest shutter click that is shown to keep at least a share of frames: the lower bound says so, not the luck of one
 * series. Absent while no setting is shown to.
 */
export function slowestThatKeeps(rows: readonly KeeperRow[], share: number): Maybe<number, "not-shown-yet"> {
  const row = rows.find((r) => r.low >= share);
  return row ? present(row.click) : absent("not-shown-yet", { share });
}
