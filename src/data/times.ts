import { daysAfter, daysBetween, lastDayOf } from "./days";
import type { Outing } from "./schema";
import { instantOf } from "./wall-time";

/** What the times of an outing hang on. */
export type Times = Pick<
  Outing,
  "date" | "from" | "until" | "lastDate" | "starts" | "plannedAt" | "timeZone"
>;

/** The times of an outing in epoch milliseconds. */
export interface Window {
  readonly from: number;
  readonly until: number;
  readonly starts: number;
  /** The minute that is planned for. */
  readonly planned: number;
}

/** A time on the wall, on the first day where that is not before one arrives, else on the next. */
const dayOf = ({ date, from }: Pick<Times, "date" | "from">, time: string): string =>
  daysAfter(date, time >= from ? 0 : 1);

/** Nights of a clock change have their true length: every end is an instant. */
export function windowOf(times: Times): Window {
  const { date, from, until, starts, plannedAt, timeZone } = times;
  const at = (day: string, time: string): number => instantOf(day, time, timeZone).at;
  const end = at(lastDayOf(times), until);
  const within = (time: string): number => Math.min(end, at(dayOf(times, time), time));
  return { from: at(date, from), until: end, starts: within(starts), planned: within(plannedAt) };
}

/** A stretch of time in epoch milliseconds; without an end it lasts as long as anybody stays. */
export interface Span {
  readonly from: number;
  readonly until?: number;
}

/**
 * When lamps are alight that go on and out by the clock on the wall, on each day of an outing: from before one arrives where
 * they go on before that and not in its night, and past midnight where they go out at a time before they go on.
 */
export function lampSpans(
  times: Omit<Times, "starts" | "plannedAt">,
  lamps: { readonly from: string; readonly until?: string },
): [Span, ...Span[]] {
  const { date, timeZone } = times;
  const lastDay = lastDayOf(times);
  const days = daysBetween(date, lastDay);
  const isInItsNight = days === 1 && lamps.from < times.from && lamps.from <= times.until;
  const first = isInItsNight ? 1 : 0;
  const at = (day: number, time: string): number => instantOf(daysAfter(date, day), time, timeZone).at;
  const span = (day: number): Span => ({
    from: at(day, lamps.from),
    until: lamps.until === undefined ? undefined : at(day + (lamps.until > lamps.from ? 0 : 1), lamps.until),
  });
  if (lamps.until === undefined) return [span(first)];
  const further = Array.from({ length: Math.max(0, days - first) }, (_, i) => span(first + 1 + i));
  return [span(first), ...further];
}

/**
 * What was written by the clock on the wall as instants, in rising order: on each day of the outing, and after midnight where
 * the time is one before it begins.
 */
export function byClock<T extends { readonly at: string }>(
  times: Omit<Times, "starts" | "plannedAt">,
  entries: readonly T[],
): (Omit<T, "at"> & { readonly at: number })[] {
  const days = daysBetween(times.date, lastDayOf(times));
  const isInNight = (time: string): boolean => time < times.from && times.until < times.from;
  return Array.from({ length: days + 1 }, (_, day) => day)
    .flatMap((day) =>
      entries.map((entry) => {
        const date = daysAfter(times.date, day + (isInNight(entry.at) ? 1 : 0));
        return { ...entry, at: instantOf(date, entry.at, times.timeZone).at };
      }),
    )
    .toSorted((a, b) => a.at - b.at);
}

/** The day of an outing by the clocks of its place, from midnight to midnight: 23 to 25 hours. Epoch milliseconds. */
export function localDay({ date, timeZone }: Pick<Times, "date" | "timeZone">): {
  readonly from: number;
  readonly until: number;
} {
  const at = (day: string): number => instantOf(day, "00:00", timeZone).at;
  return { from: at(date), until: at(daysAfter(date, 1)) };
}
