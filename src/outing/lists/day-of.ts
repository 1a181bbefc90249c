import { format } from "date-fns/format";
import { addDays } from "date-fns/addDays";
import { daysBetween, lastDayOf, type Outing } from "@/data";

/** The days of an outing: the first, and how many there are. */
export interface Days {
  readonly date: string;
  readonly count: number;
}

export const daysOf = (outing: Pick<Outing, "date" | "from" | "until" | "lastDate">): Days => ({
  date: outing.date,
  count: outing.lastDate ? daysBetween(outing.date, lastDayOf(outing)) + 1 : 1,
});

/** How people write a date; the day of the week before it is compared by itself. */
const WRITTEN = [
  "yyyy-MM-dd",
  "yyyy/MM/dd",
  "d.M.yyyy",
  "dd.MM.yyyy",
  "d.M.yy",
  "dd.MM.yy",
  "d.M.",
  "dd.MM.",
  "d/M/yyyy",
  "dd/MM/yyyy",
  "d/M/yy",
  "dd/MM/yy",
  "d/M",
  "dd/MM",
  "M/d/yyyy",
  "MM/dd/yyyy",
  "d MMMM yyyy",
  "d MMM yyyy",
  "d MMMM",
  "d MMM",
  "MMMM d yyyy",
  "MMM d yyyy",
  "MMMM d",
  "MMM d",
];
const WEEKDAY = /^(mon|tue|wed|thu|fri|sat|sun)(?:[a-z]*day|s|rs?|urs?)?\b\.?\s*/;
const MONTH =
  /\b(jan(uary)?|feb(ruary)?|mar(ch)?|apr(il)?|may|june?|july?|aug(ust)?|sept?(ember)?|oct(ober)?|nov(ember)?|dec(ember)?)\b/;
const DATE =
  /^(?:\d{4}[-/]\d{2}[-/]\d{2}|\d{1,2}[./]\d{1,2}(?:[./](?:\d{4}|\d{2})?)?|\d{1,2} [a-z]+(?: \d{4})?|[a-z]+ \d{1,2}(?: \d{4})?)$/;

const plainOf = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[,:]+/g, " ")
    .replace(/(\d)(?:st|nd|rd|th)\b/g, "$1")
    .replace(/\bof\b|\bthe\b/g, " ")
    .replace(/\s+/g, " ")
    .trim();

/** A date in figures that is no time of a day: with its year, both its points or strokes, or a weekday before it. */
const isDateInFigures = (rest: string, weekday: boolean): boolean =>
  weekday || /\d{4}|\.$|\/.*\/|\..*\./.test(rest);

/** Whether a text is a day and nothing else: "Day 2", "Saturday", "Sat 29 May", "29.05.2027". A bare number is none. */
export function isDay(text: string): boolean {
  const plain = plainOf(text);
  if (/^day \d{1,2}$/.test(plain)) return true;
  const rest = plain.replace(WEEKDAY, "");
  if (rest === "") return plain !== "";
  if (!DATE.test(rest)) return false;
  return /\d[./-]\d/.test(rest) ? isDateInFigures(rest, rest !== plain) : MONTH.test(rest);
}

/**
 * The days of an outing, from 1, that a text can mean; more than one where it leaves that open, as "Saturday" of three weeks or 5/6/2027 of
 * two months; none where it is no day of the outing.
 */
export function daysMeant(text: string, { date, count }: Days): number[] {
  const plain = plainOf(text);
  const [, number] = /^(?:day )?(\d{1,2})$/.exec(plain) ?? [];
  if (number) return Number(number) >= 1 && Number(number) <= count ? [Number(number)] : [];
  const weekday = WEEKDAY.exec(plain)?.[1];
  const rest = plain.replace(WEEKDAY, "");
  const first = new Date(`${date}T12:00:00`);
  return Array.from({ length: count }, (_, i) => i + 1).filter((day) => {
    const there = addDays(first, day - 1);
    const ways = (): boolean =>
      WRITTEN.some((way) => format(there, way).toLowerCase() === rest.replace(/\bsept\b/, "sep"));
    const named = !weekday || format(there, "EEE").toLowerCase() === weekday;
    return named && (rest === "" ? weekday !== undefined : ways());
  });
}
