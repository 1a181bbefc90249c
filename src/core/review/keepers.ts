import { absent, present, type Maybe } from "../units";
import type { Rail, Settings } from "../exposure";
import { clusteredInterval, type ClusteredShare } from "./clustered";

/** Frames of one series at the same settings, and how many of them were kept. */
export interface Series {
  readonly settings: Settings;
  /** Frames, above 0. */
  readonly taken: number;
  /** 0 … taken. */
  readonly kept: number;
  /** Of each of its bursts, where they are known: frames taken, above 0, and kept. Alike within one, they say less than as many apart. */
  readonly bursts?: readonly (readonly [taken: number, kept: number])[];
}

/** Keepers at one click of a rail. */
export interface KeeperRow extends ClusteredShare {
  /** Clicks of the rail. */
  readonly click: number;
}

/** Keepers of what is put together by a key. */
export interface KeeperGroup<Key> extends ClusteredShare {
  readonly key: Key;
}

/** Share of keepers by anything that tells series apart, in the order in which it is first met. */
export function keepersByKey<One extends Series, Key>(
  series: readonly One[],
  keyOf: (one: One) => Key,
): KeeperGroup<Key>[] {
  const groups = new Map<Key, Series[]>();
  for (const one of series) groups.set(keyOf(one), [...(groups.get(keyOf(one)) ?? []), one]);
  return [...groups].flatMap(([key, own]) => {
    const bursts = own.flatMap((s) => (s.bursts ?? []).map(([taken, kept]) => ({ taken, kept })));
    const loose = own.filter((s) => !s.bursts);
    const interval = clusteredInterval(bursts, { taken: sumOf(loose, "taken"), kept: sumOf(loose, "kept") });
    return interval.ok ? [{ key, ...interval.value }] : [];
  });
}

const sumOf = (series: readonly Series[], of: "taken" | "kept"): number =>
  series.reduce((sum, s) => sum + s[of], 0);

/** Share of keepers by the setting of one rail, from its lowest click up; settings never used are not listed. */
export function keepersBy(rail: Rail, series: readonly Series[]): KeeperRow[] {
  return keepersByKey(series, ({ settings }) => settings[rail])
    .map(({ key, ...row }) => ({ click: key, ...row }))
    .toSorted((a, b) => a.click - b.click);
}

/**
 * The slowest shutter click that is shown to keep at least a share of frames: the lower bound says so, not the luck of one
 * series. Absent while no setting is shown to.
 */
export function slowestThatKeeps(rows: readonly KeeperRow[], share: number): Maybe<number, "not-shown-yet"> {
  const row = rows.find((r) => r.low >= share);
  return row ? present(row.click) : absent("not-shown-yet", { share });
}
