import { tzOffset } from "@date-fns/tz/tzOffset";

export interface Instant {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Set when the clock change makes the wall time not exist, or exist twice. */
  readonly odd?: "skipped" | "twice";
}

const DAY = 86_400_000;
const MINUTE = 60_000;

/** Milliseconds by which the clocks of a time zone are ahead of UTC. */
const offsetAt = (at: number, timeZone: string): number => MINUTE * tzOffset(timeZone, new Date(at));

/** What the clocks of a time zone show at an instant, told as if it were UTC; milliseconds. */
const shownAt = (at: number, timeZone: string): number => at + offsetAt(at, timeZone);

/**
 * The instant of a local wall time. A time that does not exist or exists twice is taken by the earlier offset, the one
 * in force before the clocks change, and says so.
 */
export function instantOf(date: string, time: string, timeZone: string): Instant {
  const asUtc = Date.parse(`${date}T${time}:00Z`);
  if (Number.isNaN(asUtc))
    throw new Error(`${date} ${time} is not a date and time; write YYYY-MM-DD and HH:MM`);
  const before = asUtc - offsetAt(asUtc - DAY, timeZone);
  const after = asUtc - offsetAt(asUtc + DAY, timeZone);
  const real = [before, after].filter((at) => shownAt(at, timeZone) === asUtc);
  if (real.length === 0) return { at: before, odd: "skipped" };
  if (before !== after && real.length === 2) return { at: before, odd: "twice" };
  return { at: real[0]! };
}

/** The wall time HH:MM of an instant in a time zone. */
export const wallTimeOf = (at: number, timeZone: string): string =>
  new Date(shownAt(at, timeZone)).toISOString().slice(11, 16);

/** The date YYYY-MM-DD of an instant in a time zone. */
export const wallDateOf = (at: number, timeZone: string): string =>
  new Date(shownAt(at, timeZone)).toISOString().slice(0, 10);

const HALF_HOUR = 1_800_000;

/** Whether the clocks of a time zone showed the same wall time before, in the hour that their change repeats. */
export const isShownAgain = (at: number, timeZone: string): boolean =>
  [HALF_HOUR, 2 * HALF_HOUR].some((back) => offsetAt(at - back, timeZone) - offsetAt(at, timeZone) === back);
