import { eventKindOf, stagingOf, type EventKind } from "@/core/catalogue";
import { VENUES } from "@/core/ground";
import { daysAfter, LIMITS, type Outing, type Preferences, type StoredKit } from "@/data";
import { addEvents } from "../edits";
import { arrangeKinds } from "../programme/arrange";
import { clockAt, minuteOf } from "./clock";
import { daysMeant, daysOf } from "./day-of";
import type { ReadList } from "./drafts";
import type { CallsTold } from "./calls";
import { eventsFrom, lengthOf } from "./events-from";
import { readList } from "./read-list";
import { kindsOf } from "./read-pasted";

/** What a start list says of the outing to it. */
export interface ListBeginning {
  readonly events: number;
  readonly name: string;
  /** YYYY-MM-DD, where the list names a day within a year. */
  readonly date?: string;
  /** By the clock on the wall. */
  readonly from: string;
  readonly starts: string;
  readonly until: string;
  /** The venue on which most of its events are met, with the subject of most of these; nothing where none is known. */
  readonly venue?: { readonly template: string; readonly subjectId: string };
}

/** Minutes before the first event and after the last: to walk the ground, and to look once more (common practice, the first). */
const BEFORE = 45;
const AFTER = 15;
const YEAR = 370;
const MONTHS = "(?:jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec)[a-z]*";
/** Something in a title that can be a date. */
const DATE = new RegExp(
  String.raw`\b(?:\d{4}-\d{2}-\d{2}|\d{1,2}[./]\d{1,2}[./]\d{2,4}|\d{1,2}(?:st|nd|rd|th)? (?:of )?${MONTHS}\.?(?: \d{4})?|${MONTHS} \d{1,2}(?:st|nd|rd|th)?(?:,? \d{4})?)`,
  "gi",
);

/** The first day of the coming year that a text names. */
function dateIn(text: string, today: string): string | undefined {
  for (const [found] of text.matchAll(DATE)) {
    const [day] = daysMeant(found, { date: today, count: YEAR });
    if (day !== undefined && !/^\d+$/.test(found)) return daysAfter(today, day - 1);
  }
  return undefined;
}

/** The venue on which most of the kinds are met, and the subject of the most frequent of them. */
function venueOf(kinds: readonly EventKind[]): ListBeginning["venue"] {
  const counted = VENUES.map(({ id }) => {
    const met = kinds.flatMap((k) => k.subjects.find((s) => stagingOf(s)?.venues.includes(id)) ?? []);
    return { id, met };
  });
  const best = counted.reduce((a, b) => (b.met.length > a.met.length ? b : a));
  const subjectId = mostOf(best.met);
  return subjectId === undefined ? undefined : { template: best.id, subjectId };
}

function mostOf(items: readonly string[]): string | undefined {
  const times = (item: string): number => items.filter((i) => i === item).length;
  return [...new Set(items)].toSorted((a, b) => times(b) - times(a))[0];
}

const title = ({ passed }: ReadList): string =>
  (passed[0]?.text ?? "")
    .replace(DATE, "")
    .replace(/[\s,;:–(-]+$/, "")
    .replace(/\b(?:mon|tues|wednes|thurs|fri|satur|sun)day\b/i, "")
    .replace(/[\s,;:–-]+$/, "")
    .slice(0, 60)
    .trim();

/** What a list says of its outing; nothing where no event can be read of it. `today` is YYYY-MM-DD. */
export function beginningOf(text: string, today: string): ListBeginning | undefined {
  const read = readList(text, { date: today, count: 1 });
  const events = read.events.filter((e) => !eventKindOf(e.name)?.idle);
  if (events.length === 0) return undefined;
  const kinds = events.flatMap((e) => eventKindOf(e.name) ?? []);
  const begins = Math.min(...events.map((e) => minuteOf(e.at)));
  const ends = Math.max(...events.map((e) => minuteOf(e.at) + lengthOf(e).minutes));
  const date = dateIn(read.passed.map((p) => p.text).join("\n"), today);
  const venue = venueOf(kinds);
  return {
    events: read.events.length,
    name: title(read) || "A day of events",
    ...(date && { date }),
    from: clockAt(Math.max(0, begins - BEFORE)),
    starts: clockAt(begins),
    until: clockAt(Math.min(1439, ends + AFTER)),
    ...(venue && { venue }),
  };
}

/** An outing with the events of a list, and what they are met with on its ground. */
export function withList(
  outing: Outing,
  text: string,
  calls: CallsTold,
  kit: StoredKit,
  preferences: Preferences,
): Outing {
  const { events } = readList(text, daysOf(outing));
  const arranged = arrangeKinds(kindsOf(events, outing), kit, preferences)(outing);
  return addEvents(eventsFrom(events, arranged, { calls }).slice(0, LIMITS.events))(arranged);
}
