/** Arriving, starting and leaving by the clock on the wall, over midnight and over days. */

const DAY = 86_400_000;

/** YYYY-MM-DD so many days on. */
export const daysAfter = (date: string, days: number): string =>
  new Date(Date.parse(date) + days * DAY).toISOString().slice(0, 10);

export const daysBetween = (date: string, later: string): number =>
  (Date.parse(later) - Date.parse(date)) / DAY;

/** The day on which one leaves: a time of leaving that is not after that of arriving is of the next day. */
export const lastDayOf = ({ date, from, until, lastDate }: Omit<TimesOfDay, "starts">): string =>
  lastDate ?? daysAfter(date, until > from ? 0 : 1);

/** Arriving, starting and leaving by the clock on the wall. */
export interface TimesOfDay {
  readonly date: string;
  readonly from: string;
  readonly starts: string;
  readonly until: string;
  readonly lastDate?: string;
}

/** Minutes up to which leaving before arriving is a night, and no slip of the hand. */
const LONGEST_NIGHT = 18 * 60;

const minutesOf = (time: string): number => 60 * Number(time.slice(0, 2)) + Number(time.slice(3));

/** Days that an outing may last. */
const MOST_DAYS = 14;

/** What is wrong with the times of an outing, and at which of them. */
export function timesFault(times: TimesOfDay): { path: keyof TimesOfDay; message: string } | undefined {
  const { date, from, starts, until, lastDate } = times;
  // What is no date has a fault of its own.
  if ([date, lastDate ?? date].some((day) => Number.isNaN(Date.parse(day)))) return undefined;
  const days = daysBetween(date, lastDayOf(times));
  if (lastDate === undefined && until <= from && minutesOf(until) + 1440 - minutesOf(from) > LONGEST_NIGHT)
    return { path: "until", message: "leave after you arrive; for a night or days, say the last day" };
  if (lastDate !== undefined && (days < 0 || (days === 0 && until <= from)))
    return { path: "lastDate", message: "leave after you arrive" };
  if (days > MOST_DAYS) return { path: "lastDate", message: `an outing lasts ${MOST_DAYS} days at most` };
  if (days === 0 && (starts < from || starts > until))
    return { path: "starts", message: "it starts after you arrive and before you leave" };
  if (days === 1 && starts < from && starts > until)
    return { path: "starts", message: "it starts after you arrive and before you leave" };
  return undefined;
}
