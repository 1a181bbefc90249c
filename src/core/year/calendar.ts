/** What was noted on a day of some year, with the row of the calendar that it stands in. */
export interface DayNoted {
  /** Row of the calendar: an animal and what it did. */
  readonly row: string;
  /** Of the common era, four figures. */
  readonly year: number;
  /** Day of a year of 366 days, 1 to 366: 29 February is always the 60th. */
  readonly day: number;
}

/** One drawn element of a calendar: a day, or days that lie near one another, of every year in which it was noted. */
export interface CalendarMark {
  readonly row: string;
  /** Days of the year, 1 to 366. */
  readonly from: number;
  /** 1 to 366, at least `from`. */
  readonly until: number;
  /** The years in which it was noted, the latest first. */
  readonly years: readonly number[];
  /** How often it was noted, above 0. */
  readonly count: number;
}

/** Elements that are drawn at most, and rows: the rarest share the last one. */
const MOST_MARKS = 40;
const MOST_ROWS = 8;
/** The row of what has none of its own. */
export const OTHERS = "others";
/** Days that are drawn as one, from the finest to all of the year. */
const WIDTHS = [1, 2, 4, 7, 10, 15, 31, 61, 122, 366] as const;

function rowsKept(noted: readonly DayNoted[]): ReadonlySet<string> {
  const counts = new Map<string, number>();
  for (const { row } of noted) counts.set(row, (counts.get(row) ?? 0) + 1);
  const often = [...counts].sort((a, b) => b[1] - a[1]).map(([row]) => row);
  return new Set(often.length > MOST_ROWS ? often.slice(0, MOST_ROWS - 1) : often);
}

function inBins(noted: readonly DayNoted[], width: number): CalendarMark[] {
  const bins = new Map<
    string,
    { row: string; from: number; until: number; years: Set<number>; count: number }
  >();
  for (const { row, day, year } of noted) {
    const key = `${row} ${Math.floor((day - 1) / width)}`;
    const bin = bins.get(key);
    if (!bin) bins.set(key, { row, from: day, until: day, years: new Set([year]), count: 1 });
    else {
      bin.from = Math.min(bin.from, day);
      bin.until = Math.max(bin.until, day);
      bin.years.add(year);
      bin.count++;
    }
  }
  return [...bins.values()].map(({ years, ...bin }) => ({ ...bin, years: [...years].sort((a, b) => b - a) }));
}

/**
 * Years over one another as a calendar draws them: a mark for each day of a row, or, where that were more than forty, for as few
 * days as leaves forty at most. Beyond eight rows the rarest share one. In the order of their first day.
 */
export function calendarMarks(noted: readonly DayNoted[]): CalendarMark[] {
  const rows = rowsKept(noted);
  const told = noted.map((n) => (rows.has(n.row) ? n : { ...n, row: OTHERS }));
  let marks: CalendarMark[] = [];
  for (const width of WIDTHS) {
    marks = inBins(told, width);
    if (marks.length <= MOST_MARKS) break;
  }
  return marks.sort((a, b) => a.from - b.from || (a.row < b.row ? -1 : 1));
}

/** Days before each month in a year that has a 29 February. */
const BEFORE_MONTH = [0, 31, 60, 91, 121, 152, 182, 213, 244, 274, 305, 335];
/** Days of the year that calendars here are drawn over. */
export const YEAR_DAYS = 366;

/** Day of a year of 366 days, 1 to 366, of a date YYYY-MM-DD. */
export const dayOfYear = (date: string): number =>
  BEFORE_MONTH[Number(date.slice(5, 7)) - 1]! + Number(date.slice(8, 10));
