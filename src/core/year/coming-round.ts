import { dayOfYear, YEAR_DAYS } from "./calendar";

/** What was noted on a date, and what it is known by from year to year. */
export interface Noted {
  readonly id: string;
  /** YYYY-MM-DD. */
  readonly on: string;
  /** What comes again: the animal, what it did and where. */
  readonly same: string;
}

/** Something of an earlier year whose day comes round. */
export interface ComingRound {
  readonly id: string;
  /** Days from today to its day of the year: below 0 it was some days ago. */
  readonly inDays: number;
  /** Years in which it was noted before. */
  readonly years: number;
}

/** Days to its day in which something is said to come round, and after it (assumed). */
const BEFORE = 14;
const AFTER = 3;

/**
 * What of earlier years comes round about today, YYYY-MM-DD: from fourteen days before its day to three after it. Of what was noted in
 * several years the latest stands for all, and what was noted this year about that day already is not said again. The nearest first.
 */
export function comingRound(noted: readonly Noted[], today: string): ComingRound[] {
  const [day, year] = [dayOfYear(today), Number(today.slice(0, 4))];
  /** Days from today to a day of the year, the short way round it. */
  const away = (on: string): number => {
    const days = (dayOfYear(on) - day + YEAR_DAYS) % YEAR_DAYS;
    return days > YEAR_DAYS / 2 ? days - YEAR_DAYS : days;
  };
  /** The year in which the day that is meant lies: across new year it is next year's, or last year's. */
  const yearOf = (on: string): number => {
    const ahead = dayOfYear(on) < day && away(on) >= 0;
    const behind = dayOfYear(on) > day && away(on) < 0;
    return ahead ? year + 1 : behind ? year - 1 : year;
  };
  const near = noted.filter((n) => n.on < today && away(n.on) <= BEFORE && away(n.on) >= -AFTER);
  const bySame = new Map<string, Noted[]>();
  for (const one of near) bySame.set(one.same, [...(bySame.get(one.same) ?? []), one]);
  return [...bySame.values()]
    .flatMap((all): ComingRound[] => {
      const latest = all.reduce((a, b) => (a.on > b.on ? a : b));
      if (Number(latest.on.slice(0, 4)) >= yearOf(latest.on)) return [];
      return [
        {
          id: latest.id,
          inDays: away(latest.on),
          years: new Set(all.map((n) => n.on.slice(0, 4))).size,
        },
      ];
    })
    .sort((a, b) => Math.abs(a.inDays) - Math.abs(b.inDays));
}
