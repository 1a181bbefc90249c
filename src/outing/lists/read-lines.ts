import { clockAt, clocksIn, minuteOf, minutesBetween, toldMinutesOf, type ClockFound } from "./clock";
import { areHeads, isPlace, placeIn } from "./columns";
import { daysMeant, isDay, type Days } from "./day-of";
import {
  MOST_MINUTES,
  MOST_NAME,
  MOST_WHO,
  type Doubt,
  type EventDraft,
  type LineFault,
  type OtherLine,
  type ReadList,
  type RefusedLine,
} from "./drafts";
import { entryOf, isNumbered } from "./entry";
import type { ListLine } from "./rows";

/** What of a line is said of its time, and no name: "not before", "start:". */
const ABOUT_TIME =
  /(?:\b(?:not before|no earlier than|start(?:s|ing)?(?: time)?|begins?|from|at|approx\.?|about|ca\.?|time)|\bc\.)\s*:?\s*$/i;
const EDGES = /^[\s,;:|*•·–—.-]+|[\s,;:|–—-]+$|\s*\.{2,}\s*$/g;
/** What is a round of the heading above and no event by itself: "Heat 2 of 3". */
const ROUND_ALONE =
  /^(heats?|finals?|semi[- ]?finals?|quarter[- ]?finals?|races?|rounds?|repechage|flights?|runs?|sections?)(?:\s*([\dA-H]{1,2}))?(?:\s*(?:of|\/)\s*\d{1,2})?$/i;
const EVENT_HEAD = /^(?:event|race|class|item)\s*(?:no\.?|#)?\s*\d+[a-z]?\b/i;
const EVENT_NUMBER = /^(?:event|item)\s*(?:no\.?|#)?\s*\d+[a-z]?\s*[:.–-]?\s*(?=\S)/i;
/** The number of an event in its list, before its name; a distance is none. */
const unnumbered = (text: string): string =>
  text.replace(isNumbered(text) ? /^\d{1,3}\s*[.):]?\s+/ : /^\d{1,3}\s*[.)]\s+(?=\S)/, "");
const EVERYWHERE =
  /\b(?:all|both|every) (?:mats?|rings?|pitch(?:es)?|courts?|arenas?|fields?|halls?|tatamis?)\b/i;
const AFTER_PLACE = /\s+[-–—]\s+(?:judges?|referees?|steward)\b.*$/i;

/** What an event is, its length and its place, from the words beside its time. */
interface Told {
  readonly name: string;
  readonly minutes?: number;
  readonly where?: string;
}

function toldIn(rest: string): Told {
  const [before, at] = rest.split(/\s@\s?|^@\s?/, 2) as [string, string?];
  let where = at?.trim();
  let minutes: number | undefined;
  let text = before.replace(/\s*\(([^()]*)\)\s*$/, (whole: string, held: string) => {
    const length = toldMinutesOf(held);
    if (length !== undefined) minutes = length;
    else if (isPlace(held) && !where) where = held.trim();
    else return whole;
    return "";
  });
  text = text.replace(/\s*\(([^()]*)\)\s*(?=\.{2,}|$)/, (whole: string, held: string) => {
    minutes ??= toldMinutesOf(held);
    return toldMinutesOf(held) === undefined ? whole : "";
  });
  return {
    name: text
      .replace(/\s{2,}/g, " ")
      .replace(EDGES, "")
      .replace(EDGES, ""),
    ...(minutes !== undefined && { minutes }),
    ...(where && { where }),
  };
}

/** What one reads on the way through a list. */
interface Reading {
  readonly days: Days;
  readonly events: EventDraft[];
  readonly refused: RefusedLine[];
  readonly passed: OtherLine[];
  day: readonly number[] | undefined;
  block: string | undefined;
  heading: string | undefined;
  /** A time on a line of its own, of which the next line says what it is. */
  pending: (ListLine & { readonly clock: ClockFound }) | undefined;
  /** Numbered lines are events that follow one another, not people. */
  inOrder: boolean;
  /** The number before the last event, and before whoever was last in it. */
  number: number | undefined;
  lane: number | undefined;
}

/** Minutes of an event for what follows it without a time of its own (assumed). */
const FOLLOWS = 5;

/**
 * A start list as text: a time and what it is on each line, before or behind; days, places and headings on lines of their own, people set in
 * or with their lane first. What has no time is told: as refused amid the events, as passed over where it is a title or a sentence.
 */
export function readLines(lines: readonly ListLine[], days: Days): ReadList {
  const reading: Reading = {
    days,
    events: [],
    refused: [],
    passed: [],
    day: undefined,
    block: undefined,
    heading: undefined,
    pending: undefined,
    inOrder: false,
    number: undefined,
    lane: undefined,
  };
  const told = lines.filter(({ text }) => text.trim() !== "" && !text.trim().startsWith("#"));
  told.forEach((line, i) => {
    const read = readLine(reading, line, told[i + 1]?.text);
    if (read === "passed") reading.passed.push({ line: line.line, text: line.text.trim() });
    else if (read) reading.refused.push({ line: line.line, text: line.text.trim(), fault: read });
  });
  namelessTold(reading);
  const { events, refused, passed } = reading;
  return { events, refused, passed };
}

function readLine(
  reading: Reading,
  { line, text: raw }: ListLine,
  next: string | undefined,
): LineFault | "passed" | undefined {
  const text = raw.trim();
  if (isDay(text)) {
    namelessTold(reading);
    reading.day = daysMeant(text, reading.days);
    return reading.day.length === 0 ? "bad-day" : undefined;
  }
  const words = text.split(/\s+/);
  if (words.length >= 3 && isNumbered(next?.trim() ?? "") && areHeads(words, 0.5)) return "passed";
  const found = clocksIn(text);
  const clocks = found[0] && found[0].from > 0 && isPersonLine(reading, raw) ? [] : found;
  if (clocks.length > 1) return "several-times";
  const [clock] = clocks;
  if (clock) return readTimed(reading, line, text, clock);
  if (/^\d{1,2}[:.]\d{2}\b(?![.,]\d)/.test(text) && !/^\d{1,2}\.\d{2}\s*m\b/.test(text)) return "bad-time";
  return readUntimed(reading, line, raw, next);
}

const numberOf = (text: string): number | undefined => {
  const [, number] = /^(?:lane\s*)?(\d{1,4})\s*[.):]?\s/i.exec(text) ?? [];
  return number === undefined ? undefined : Number(number);
};

/** A time on a line of its own of which nothing said what it is. */
function namelessTold(reading: Reading): void {
  const { pending, refused } = reading;
  if (pending) refused.push({ line: pending.line, text: pending.text, fault: "no-name" });
  reading.pending = undefined;
}

/** Somebody with the time that they entered with: no event, though a time stands in the line; a number that counts on events is one. */
function isPersonLine({ events, inOrder, pending, number, lane }: Reading, raw: string): boolean {
  const own = numberOf(raw.trim());
  if (events.length === 0 || inOrder || pending || own === undefined || !isNumbered(raw.trim())) return false;
  return !(number !== undefined && own === number + 1 && own !== (lane ?? 0) + 1);
}

function readTimed(reading: Reading, line: number, text: string, clock: ClockFound): LineFault | undefined {
  const before = text.slice(0, clock.from).replace(/[([]\s*$/, "");
  const after = text.slice(clock.to).replace(/^\s*[)\]]/, "");
  const amid = /[\p{L}\d]/u.test(before.replace(ABOUT_TIME, "")) && /^\s*[\p{L}\d]/u.test(after);
  const told = toldIn(`${unnumbered(before.replace(ABOUT_TIME, ""))} ${after}`);
  if (told.minutes !== undefined && told.minutes > MOST_MINUTES) return "bad-length";
  namelessTold(reading);
  reading.inOrder = false;
  if (told.name === "") {
    if (!/^[\s\W]*$/.test(told.where ?? "")) return "no-name";
    reading.pending = { line, text, clock };
    return undefined;
  }
  if (!ROUND_ALONE.test(told.name)) reading.heading = undefined;
  Object.assign(reading, { number: numberOf(text), lane: undefined });
  return put(reading, line, told, clock, amid ? ["amid"] : []);
}

/** An event with the name of its heading, on the day and at the place under which it stands. */
function put(
  reading: Reading,
  line: number,
  told: Told,
  clock: Pick<ClockFound, "at" | "until">,
  doubts: Doubt[],
): LineFault | undefined {
  const { day, days, heading, block } = reading;
  if (day?.length === 0) return "bad-day";
  const [, round, number] = ROUND_ALONE.exec(told.name) ?? [];
  const name =
    heading && round
      ? `${heading}, ${[round.toLowerCase(), number].filter(Boolean).join(" ")}`
      : told.name.replace(EVENT_NUMBER, "");
  const minutes = told.minutes ?? (clock.until && minutesBetween(clock.at, clock.until));
  const all: Doubt[] = day && day.length > 1 ? [...doubts, "which-day"] : doubts;
  const where = told.where ?? block;
  reading.events.push({
    name: name.slice(0, MOST_NAME),
    at: clock.at,
    ...(minutes !== undefined && minutes !== "" && { minutes }),
    ...(day && days.count > 1 && { day: day[0] }),
    ...(where && { where }),
    line,
    ...(all.length > 0 && { doubts: all }),
  });
  return undefined;
}

function readUntimed(
  reading: Reading,
  line: number,
  raw: string,
  next: string | undefined,
): LineFault | "passed" | undefined {
  const text = raw.trim();
  const numbered = isNumbered(text);
  const setIn = numbered || /^\s+\S/.test(raw);
  if (reading.pending && !/^\s/.test(raw)) {
    const { pending } = reading;
    reading.pending = undefined;
    reading.inOrder = numbered;
    return put(reading, line, toldIn(unnumbered(text)), pending.clock, []);
  }
  const last = reading.events.at(-1);
  if (numbered && reading.inOrder && last) {
    const at = clockAt(minuteOf(last.at) + (last.minutes ?? FOLLOWS));
    return put(reading, line, toldIn(unnumbered(text)), { at }, ["follows"]);
  }
  const place = placeIn(text.replace(AFTER_PLACE, ""));
  if (place && !setIn) {
    Object.assign(reading, { block: place, heading: undefined });
    return undefined;
  }
  if (EVERYWHERE.test(text)) {
    Object.assign(reading, { block: undefined, heading: undefined });
    return "passed";
  }
  if (EVENT_HEAD.test(text) || (!setIn && /^[\p{Lu}\d]/u.test(text) && startsRound(next))) {
    reading.heading = text.replace(EVENT_NUMBER, "").replace(EDGES, "");
    return undefined;
  }
  if (last && setIn) {
    const who = entryOf(raw);
    const { events } = reading;
    reading.lane = numberOf(text);
    events[events.length - 1] = {
      ...last,
      who: [last.who, who].filter(Boolean).join("; ").slice(0, MOST_WHO),
    };
    return undefined;
  }
  const isNote = /[.!?]$/.test(text) || !last || text.split(/\s+/).length > 8;
  return isNote ? "passed" : "no-time";
}

/** Whether a line is a round with its time, of which the line above is the heading. */
function startsRound(next: string | undefined): boolean {
  const clock = clocksIn(next ?? "")[0];
  if (!next || !clock) return false;
  return ROUND_ALONE.test(
    toldIn(next.slice(0, clock.from).replace(ABOUT_TIME, "") + next.slice(clock.to)).name,
  );
}
