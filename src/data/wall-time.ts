import { IANAZone } from "luxon";

export interface Instant {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Set when the clock change makes the wall time not exist, or exist twice. */
  readonly odd?: "skipped" | "twice";
}

const MINUTE = 60_000;
const DAY = 86_400_000;

/**
 * The instant of a local wall time. A time that does not exist or exists twice is taken by the earlier offset, the one
 * in force before the clocks change, and says so.
 */
export function instantOf(date: string, time: string, zone: string): Instant {
  const asUtc = Date.parse(`${date}T${time}:00Z`);
  if (Number.isNaN(asUtc)) throw new Error(`${date} ${time} is no wall time; write YYYY-MM-DD and HH:MM`);
  const place = IANAZone.create(zone);
  const offsetAt = (instant: number): number => place.offset(instant) * MINUTE;
  const candidates = [offsetAt(asUtc - DAY), offsetAt(asUtc + DAY)].map((offset) => asUtc - offset);
  const [before, after] = candidates as [number, number];
  const real = candidates.filter((instant) => instant + offsetAt(instant) === asUtc);
  if (real.length === 0) return { at: before, odd: "skipped" };
  if (before !== after && real.length === 2) return { at: before, odd: "twice" };
  return { at: real[0]! };
}

/** The wall time HH:MM of an instant in a zone. */
export function wallTimeOf(at: number, zone: string): string {
  const local = new Date(at + IANAZone.create(zone).offset(at) * MINUTE);
  return local.toISOString().slice(11, 16);
}
