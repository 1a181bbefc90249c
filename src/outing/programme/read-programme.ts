import { daysBetween, idFromName, lastDayOf, type Outing, type ProgrammeEvent } from "@/data";
import type { EventPlace } from "./event-places";

/** An event as a list tells it, before it is taken in. */
export type EventDraft = Pick<ProgrammeEvent, "name" | "at" | "minutes"> &
  Partial<Pick<ProgrammeEvent, "who" | "group" | "priority" | "calls" | "day" | "setUp">> & {
    /** Where, as the list writes it. */
    readonly where?: string;
  };

/** Why a line was refused. */
export type LineFault =
  | "no-time"
  | "no-name"
  | "bad-time"
  | "bad-day"
  | "bad-length"
  | "bad-priority"
  | "bad-calls"
  | "bad-set-up"
  | "no-columns";

/** The days of an outing: the first, and how many there are. */
export interface Days {
  readonly date: string;
  readonly count: number;
}

export const daysOf = (outing: Pick<Outing, "date" | "from" | "until" | "lastDate">): Days => ({
  date: outing.date,
  count: outing.lastDate ? daysBetween(outing.date, lastDayOf(outing)) + 1 : 1,
});

/** "2", "Day 2" or "2026-10-18" as a day of the outing, from 1; undefined for none of its days. */
export function dayOf(text: string, { date, count }: Days): number | undefined {
  const plain = text.trim();
  const [, number] = /^(?:day\s*)?(\d{1,2})$/i.exec(plain) ?? [];
  const day = /^\d{4}-\d{2}-\d{2}$/.test(plain) ? daysBetween(date, plain) + 1 : Number(number);
  return day >= 1 && day <= count ? day : undefined;
}

export interface RefusedLine {
  /** Counted from 1. */
  readonly line: number;
  readonly text: string;
  readonly fault: LineFault;
}

export interface ReadProgramme {
  readonly events: readonly EventDraft[];
  readonly refused: readonly RefusedLine[];
}

/** Minutes of an event whose length nobody told (assumed). */
const USUAL_MINUTES = 5;
const MOST_MINUTES = 1440;
const MOST_SET_UP = 240;

const TIME = /^(\d{1,2})[:.h](\d{2})(?::\d{2})?(?!\d)\s*(am|pm)?/i;

/** "9.05", "14:30", "2:30 pm" as HH:MM; undefined for no time of a day. */
export function clockOf(text: string): string | undefined {
  const [, hours, minutes, half] = TIME.exec(text.trim()) ?? [];
  if (hours === undefined) return undefined;
  const pm = half?.toLowerCase() === "pm";
  const hour = half ? (Number(hours) % 12) + (pm ? 12 : 0) : Number(hours);
  if (hour > 23 || Number(minutes) > 59) return undefined;
  return `${String(hour).padStart(2, "0")}:${minutes}`;
}

/** Minutes of "5", "5 min", "1 h", "1:30"; undefined for none. */
export function minutesOf(text: string): number | undefined {
  const plain = text.trim().replace(",", ".");
  const [, h, m] = /^(\d+):(\d{2})$/.exec(plain) ?? [];
  if (h !== undefined) return Number(h) * 60 + Number(m);
  const [, value, unit] = /^(\d+(?:\.\d+)?)\s*(h|hours?|min|minutes?|')?$/i.exec(plain) ?? [];
  if (value === undefined) return undefined;
  return Number(value) * (unit?.toLowerCase().startsWith("h") ? 60 : 1);
}

/**
 * A start list as text, a line each: a time, what it is, its length in brackets and where after an @, the last two where
 * they are told. "10:40 100 m women, heat 2 (4 min) @ track". Who is in it follows on lines of their own, set in or with the
 * lane first: "4 Ida Roth". "Day 2" on a line of its own is the day of what follows. Empty lines and those that begin with # are
 * passed over.
 */
export function readLines(text: string, days: Days): ReadProgramme {
  const events: EventDraft[] = [];
  const refused: RefusedLine[] = [];
  let day: number | undefined;
  text.split(/\r?\n/).forEach((raw, i) => {
    const line = raw.trim();
    if (line === "" || line.startsWith("#")) return;
    if (/^day\s*\d{1,2}$|^\d{4}-\d{2}-\d{2}$/i.test(line)) {
      day = dayOf(line, days);
      if (day === undefined) refused.push({ line: i + 1, text: line, fault: "bad-day" });
      return;
    }
    const last = events.at(-1);
    if (last && isEntry(raw)) {
      const who = [last.who, line].filter(Boolean).join("; ").slice(0, 600);
      events[events.length - 1] = { ...last, who };
      return;
    }
    const read = lineOf(line);
    if (typeof read === "string") refused.push({ line: i + 1, text: line, fault: read });
    else events.push({ ...read, ...(day !== undefined && { day }) });
  });
  return { events, refused };
}

/** Whether a text is a list, a line each that begins with its time, and no table with a head. */
export const isLineList = (text: string): boolean =>
  TIME.test(
    text
      .split(/\r?\n/)
      .find((line) => line.trim() !== "" && !line.startsWith("#"))
      ?.trim() ?? "",
  );

/** Somebody in the event above: set in, or a lane and a name; a time of a day is never one. */
const isEntry = (raw: string): boolean =>
  !TIME.test(raw.trim()) && (/^\s+\S/.test(raw) || /^\d{1,3}[.)]?\s+\p{L}/u.test(raw));

function lineOf(line: string): EventDraft | LineFault {
  if (!/^\d{1,2}[:.h]\d{2}/.test(line)) return "no-time";
  const at = clockOf(line);
  if (!at) return "bad-time";
  const [told, where] = line.replace(TIME, "").split("@", 2) as [string, string?];
  const [, length] = /\(([^()]*)\)\s*$/.exec(told.trim()) ?? [];
  const minutes = length === undefined ? undefined : minutesOf(length);
  // Brackets that hold no length belong to the name.
  const name = (minutes === undefined ? told : told.replace(/\([^()]*\)\s*$/, "")).replace(
    /^[\s,;–-]+|[\s,;–-]+$/g,
    "",
  );
  if (name === "") return "no-name";
  if (minutes !== undefined && (minutes < 0 || minutes > MOST_MINUTES)) return "bad-length";
  return {
    name: name.slice(0, 60),
    at,
    minutes: minutes ?? USUAL_MINUTES,
    where: where?.trim() || undefined,
  };
}

/** What a column of a table may hold. */
export const COLUMNS = [
  "day",
  "at",
  "name",
  "minutes",
  "where",
  "who",
  "group",
  "priority",
  "calls",
  "setUp",
] as const;
export type Column = (typeof COLUMNS)[number];
/** Which column of a table holds what, by its place from 0. */
export type Matching = Readonly<Partial<Record<Column, number>>>;

const HEADS: Readonly<Record<Column, RegExp>> = {
  day: /^(day|date)\b/i,
  at: /^(time|start|starts|begin|at|clock)\b/i,
  name: /^(event|name|what|race|class|title|summary)\b/i,
  minutes: /^(minutes?|length|duration|min)\b/i,
  where: /^(where|place|location|spot|area|fence|lane area|venue)\b/i,
  who: /^(who|athletes?|entries|riders?|swimmers?|competitors?|names?)\b/i,
  group: /^(group|same|round|final of)\b/i,
  priority: /^(priority|worth|rank)\b/i,
  calls: /^calls?\b/i,
  setUp: /^set[- ]?up\b/i,
};

/** Columns by their heads, as far as these say it. */
export function matchedByHeads(heads: readonly string[]): Matching {
  const matching: Partial<Record<Column, number>> = {};
  for (const column of COLUMNS) {
    const at = heads.findIndex(
      (head, i) => HEADS[column].test(head.trim()) && !Object.values(matching).includes(i),
    );
    if (at >= 0) matching[column] = at;
  }
  return matching;
}

/** "30/20/10" as minutes before the start, the first call first; nothing is no calls, undefined what cannot be read. */
function callsOf(text: string): number[] | undefined {
  if (text === "") return [];
  const calls = text
    .split(/[^0-9]+/)
    .filter(Boolean)
    .map(Number);
  const ok = calls.length > 0 && calls.length <= 3 && calls.every((c) => c <= 600);
  return ok ? calls.sort((a, b) => b - a) : undefined;
}

/** A table with a head, each column as it was matched; a row that cannot be read is refused with why. */
export function readTable(
  rows: readonly (readonly string[])[],
  matching: Matching,
  days: Days,
): ReadProgramme {
  const events: EventDraft[] = [];
  const refused: RefusedLine[] = [];
  if (matching.at === undefined || matching.name === undefined)
    return { events, refused: [{ line: 1, text: (rows[0] ?? []).join(", "), fault: "no-columns" }] };
  rows.slice(1).forEach((row, i) => {
    if (row.every((cell) => cell.trim() === "")) return;
    const cell = (column: Column): string => {
      const at = matching[column];
      return at === undefined ? "" : (row[at] ?? "").trim();
    };
    const refuse = (fault: LineFault): void =>
      void refused.push({ line: i + 2, text: row.join(", "), fault });
    if (cell("at") === "") return refuse("no-time");
    const at = clockOf(cell("at"));
    if (!at) return refuse("bad-time");
    if (cell("name") === "") return refuse("no-name");
    const minutes = cell("minutes") === "" ? USUAL_MINUTES : minutesOf(cell("minutes"));
    if (minutes === undefined || minutes > MOST_MINUTES) return refuse("bad-length");
    const priority = cell("priority");
    if (priority !== "" && !/^[123]$/.test(priority)) return refuse("bad-priority");
    const calls = callsOf(cell("calls"));
    if (!calls) return refuse("bad-calls");
    const day = cell("day") === "" ? undefined : dayOf(cell("day"), days);
    if (cell("day") !== "" && day === undefined) return refuse("bad-day");
    const setUp = cell("setUp") === "" ? undefined : minutesOf(cell("setUp"));
    if (cell("setUp") !== "" && !(setUp !== undefined && setUp <= MOST_SET_UP)) return refuse("bad-set-up");
    events.push({
      name: cell("name").slice(0, 60),
      at,
      minutes,
      calls,
      where: cell("where") || undefined,
      who: cell("who").slice(0, 600) || undefined,
      group: cell("group").slice(0, 60) || undefined,
      ...(priority !== "" && { priority: Number(priority) as 1 | 2 | 3 }),
      ...(day !== undefined && days.count > 1 && { day }),
      ...(setUp !== undefined && { setUp }),
    });
  });
  return { events, refused };
}

const isSameEvent = (event: ProgrammeEvent, { name, at, day }: Omit<EventDraft, "where">): boolean =>
  event.name === name && event.at === at && (event.day ?? 0) === (day ?? 0);

const USUAL_SET_UP = 3;

/**
 * Drafts as events of an outing: each with an id of its own, at the first place that bears the name told, else at `elsewhere`,
 * where that is given. What is in the programme already, of the same name and time, does not come again.
 */
export function eventsFrom(
  drafts: readonly EventDraft[],
  taken: readonly ProgrammeEvent[],
  places: readonly (EventPlace & { readonly name: string })[],
  elsewhere: EventPlace | null = null,
): ProgrammeEvent[] {
  const events: ProgrammeEvent[] = [];
  for (const { where, ...draft } of drafts) {
    if (taken.some((event) => isSameEvent(event, draft))) continue;
    const wanted = where?.toLowerCase();
    const place = places.find((p) => p.name.toLowerCase() === wanted);
    events.push({
      priority: 2,
      calls: [],
      setUp: USUAL_SET_UP,
      ...draft,
      id: idFromName(draft.name, [...taken, ...events], "event"),
      place: place ? { sort: place.sort, id: place.id } : elsewhere,
    });
  }
  return events;
}
