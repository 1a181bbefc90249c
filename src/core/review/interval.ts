import { absent, present, type Maybe } from "../units";

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
