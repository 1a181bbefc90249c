import type { ComingUp } from "@/answers/places/year";
import type { HourOfActivity, LightWindow } from "@/core/year";
import { timeWords } from "./display";
import { countWords, dateWords, metresWords, stopsNoun } from "./format";

type What = ComingUp["sighting"]["what"];

const WHAT: Readonly<Record<What, string>> = {
  seen: "seen",
  territory: "territory",
  perch: "on its perch",
  "first-song": "first song",
  arrival: "arrival",
  nest: "nest",
  den: "den",
  young: "young",
  track: "track",
};

export const sightingKindWords = (what: What): string => WHAT[what];

/** A row of the calendar of a place: "Stonechat, territory". */
export const yearRowWords = (name: string, what: What | "others"): string =>
  what === "others" ? "All others" : `${name}, ${WHAT[what]}`;

const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;
/** Days before each month in a year that has a 29 February. */
const BEFORE = [0, 31, 60, 91, 121, 152, 182, 213, 244, 274, 305, 335] as const;

/** The months with the day of the year that each begins on, 1 to 366. */
export const MONTH_STARTS = MONTHS.map((name, i) => ({ name, day: BEFORE[i]! + 1 }));

/** A day of a year of 366 days: "28 Mar". */
function dayOfYearWords(day: number): string {
  const month = BEFORE.findLastIndex((before) => day > before);
  return `${day - BEFORE[month]!} ${MONTHS[month]!}`;
}

/** Days of a year in which something was noted, with its years: "28 Mar to 4 Apr, 2025 and 2026". */
export function markWords({
  from,
  until,
  years,
  count,
}: {
  readonly from: number;
  readonly until: number;
  readonly years: readonly number[];
  readonly count: number;
}): string {
  const days = from === until ? dayOfYearWords(from) : `${dayOfYearWords(from)} to ${dayOfYearWords(until)}`;
  return `${days}, ${[...years].reverse().join(", ")}${count > 1 ? `, ${count} times` : ""}`;
}

const whenWords = (inDays: number): string => {
  if (inDays === 0) return "today";
  if (inDays === 1) return "tomorrow";
  if (inDays === -1) return "yesterday";
  return inDays > 0 ? `in ${inDays} days` : `${-inDays} days ago`;
};

/** What comes round: "Stonechat, territory: last on 28 Mar 2026 from Third gorse, in 4 days round again". */
export function comingWords({ sighting, spot, inDays, years, keepOff }: ComingUp): string {
  const where = spot === undefined ? "" : `, at ${spot}`;
  const often = years > 1 ? `, in ${years} years` : "";
  const off = keepOff === undefined ? "" : ` Keep ${metresWords(keepOff)} off; no position lies within.`;
  return `${sighting.name}, ${WHAT[sighting.what]}: on ${dateWords(sighting.on, 0)}${where}${often}. Its day is ${whenWords(inDays)}.${off}`;
}

/** An hour of a place: "6 to 7: 5 noted in 3.5 h". */
export const activityWords = ({ hour, seen, hours }: HourOfActivity): string =>
  `${hour} to ${hour + 1}: ${seen} noted in ${Math.round(10 * hours) / 10} h there`;

/** A window of light: "Tue 28 Apr 2026, 06:10 to 06:45, sun 6° up in 84°". */
export function windowWords(
  { from, until, azimuth, altitude }: LightWindow,
  clock: { readonly date: (at: number) => string; readonly time: (at: number) => string },
): string {
  return `${dateWords(clock.date(from), 0)}, ${timeWords(clock.time(from))} to ${timeWords(clock.time(until))}, sun ${Math.round(altitude)}° up in ${Math.round(azimuth)}°`;
}

const PART = {
  ground: "The ground and what is drawn on it",
  light: "Roof, leaves and lamps",
  readings: "Readings of the light",
  worked: "Frames and keepers by position",
  access: "Who gives leave, and where one may stand",
  cautions: "Cautions",
  notes: "Notes",
} as const;

/** A part in which an outing says something else than its place: its name, and what is other. */
export function differingWords({
  part,
  added,
  changed,
  removed,
  count = 0,
}: {
  readonly part: keyof typeof PART;
  readonly added: readonly string[];
  readonly changed: readonly string[];
  readonly removed: readonly string[];
  readonly count?: number | undefined;
}): { readonly title: string; readonly detail: string } {
  const some = (names: readonly string[], what: string): string =>
    names.length > 0
      ? `${names.slice(0, 3).join(", ")}${names.length > 3 ? ` and ${names.length - 3} more` : ""} ${what}`
      : "";
  const detail = [
    some(added, "added"),
    some(changed, "changed"),
    some(removed, "removed"),
    count > 0 ? `${count} more` : "",
  ]
    .filter(Boolean)
    .join("; ");
  return { title: PART[part], detail: detail || "other than the place has it" };
}

/** Lamps as they were measured: "1/3 stop darker than their class, 6 readings within 2/3 stop". */
export function lampsMeasuredWords({
  stops,
  readings,
  spread,
}: {
  readonly stops: number;
  readonly readings: number;
  readonly spread: number;
}): string {
  const clicks = Math.round(3 * stops);
  const than =
    clicks === 0
      ? "as their class says"
      : `${stopsNoun(Math.abs(clicks))} ${clicks < 0 ? "darker" : "brighter"} than their class`;
  const within = readings > 1 ? ` within ${stopsNoun(Math.max(1, Math.round(3 * spread)))}` : "";
  return `${than}, ${countWords(readings, "reading")}${within}`;
}

/** What a position of a place gave: "41 of 180 kept, on 2 outings". */
export const workedWords = (taken: number, kept: number, outings: number): string =>
  `${kept} of ${taken} kept, on ${countWords(outings, "outing")}`;
