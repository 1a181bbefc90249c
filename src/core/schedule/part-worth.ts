/**
 * How much of an event one has who does not stay for the whole: "whole" all or nothing, as a race; "early" most is had early, as throws, a
 * long jump and games; "late" half of it lies in the last third, as a high jump; "even" it comes evenly, as heats in a row.
 */
export type PartWorth = "whole" | "early" | "late" | "even";

/** Minutes that one has to stay for an event in part to count at all (assumed). */
export const LEAST_STAY = 10;

/** The length of an event over the time in which most of it is had, where that comes early (assumed). */
const TAUS = 3;
/** Where the last part of a late event begins, and what lies in it (common practice). */
const LATE = { from: 2 / 3, holds: 0.5 };

/**
 * The share of an event's value that lies in the stretch from one share of its length to another, before it is known what else was seen: by
 * its place for what comes late, by its length for everything else.
 *
 * @param from share of the length, 0 to 1
 * @param until share of the length, from `from` to 1
 * @returns 0 to 1, additive over stretches
 */
export function shareBetween(worth: PartWorth, from: number, until: number): number {
  return worth === "late" ? lateUpTo(until) - lateUpTo(from) : until - from;
}

const lateUpTo = (share: number): number =>
  share <= LATE.from
    ? (share / LATE.from) * (1 - LATE.holds)
    : 1 - LATE.holds + ((share - LATE.from) / (1 - LATE.from)) * LATE.holds;

/**
 * The value of an event of which shares were attended that add up to `share`: 1 − exp(−t/τ), scaled to 1 at the whole, τ a third of the length,
 * for what comes early; nothing short of the whole for a race; the share itself for the others.
 *
 * @param share sum of what {@link shareBetween} gave, 0 to 1
 * @returns 0 to 1, rising
 */
export function worthOfShare(worth: PartWorth, share: number): number {
  const had = Math.min(1, Math.max(0, share));
  if (worth === "whole") return had >= 1 - 1e-9 ? 1 : 0;
  if (worth !== "early") return had;
  return (1 - Math.exp(-TAUS * had)) / (1 - Math.exp(-TAUS));
}
