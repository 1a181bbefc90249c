import ICAL from "ical.js";
import { daysBetween, instantOf, timeZone as zoneName, wallDateOf, wallTimeOf } from "@/data";
import type { Days } from "./day-of";
import { MOST_NAME, type EventDraft, type LineFault, type ReadList, type RefusedLine } from "./drafts";

/** When an outing is, by its clocks; epoch milliseconds. */
export interface CalendarWindow {
  readonly timeZone: string;
  readonly from: number;
  readonly until: number;
  readonly days: Days;
}

/** Times that one repeated entry is followed for: a daily one for ten years. */
const MOST_TIMES = 4000;
/** Entries of a calendar that are read. */
const MOST_ENTRIES = 5000;

/**
 * The events of a calendar (RFC 5545) that begin on the outing's days, by its clocks; repeated ones each time that falls on them. A time
 * without a zone is by the clocks of the outing. Whole days, others and what is broken are refused, each with its entry's number.
 */
export function readCalendar(text: string, window: CalendarWindow): ReadList {
  let components: ICAL.Component[];
  try {
    components = new ICAL.Component(ICAL.parse(text) as string[]).getAllSubcomponents("vevent");
  } catch {
    return { events: [], passed: [], refused: [{ line: 1, text: text.slice(0, 60), fault: "no-columns" }] };
  }
  const events: EventDraft[] = [];
  const refused: RefusedLine[] = [];
  const movedOf = exceptionsOf(components);
  components.slice(0, MOST_ENTRIES).forEach((component, i) => {
    if (movedOf.isMoved(component)) return;
    const title = textOf(component, "summary");
    const read = draftsOf(component, movedOf.of(component), title, window);
    if (typeof read === "string") refused.push({ line: i + 1, text: title, fault: read });
    else events.push(...read.map((draft) => ({ ...draft, line: i + 1 })));
  });
  return { events: events.toSorted((a, b) => sortOf(a) - sortOf(b)), refused, passed: [] };
}

/** Minutes from the first midnight. */
const sortOf = ({ day = 1, at }: EventDraft): number =>
  1440 * day + 60 * Number(at.slice(0, 2)) + Number(at.slice(3));

const textOf = (component: ICAL.Component, name: string): string => {
  const value = component.getFirstPropertyValue(name);
  return typeof value === "string" ? value.trim() : "";
};

/** Times of a repeated entry that were moved or renamed, by the entry that they belong to. */
function exceptionsOf(components: readonly ICAL.Component[]) {
  const idOf = (component: ICAL.Component): string => textOf(component, "uid");
  const isException = (component: ICAL.Component): boolean => component.hasProperty("recurrence-id");
  const masters = new Set(components.filter((c) => !isException(c)).map(idOf));
  const isMoved = (c: ICAL.Component): boolean => isException(c) && masters.has(idOf(c));
  const moved = new Map<string, ICAL.Component[]>();
  for (const one of components.filter(isMoved)) {
    const others = moved.get(idOf(one));
    if (others) others.push(one);
    else moved.set(idOf(one), [one]);
  }
  return {
    isMoved,
    of: (master: ICAL.Component): readonly ICAL.Component[] => moved.get(idOf(master)) ?? [],
  };
}

/** The events of an entry within the window, or why there are none. */
function draftsOf(
  component: ICAL.Component,
  moved: readonly ICAL.Component[],
  title: string,
  { timeZone, from, until, days }: CalendarWindow,
): Omit<EventDraft, "line">[] | LineFault {
  try {
    const event = new ICAL.Event(component, { exceptions: moved.map((c) => new ICAL.Event(c)) });
    if (!event.startDate || event.startDate.isDate) return "no-time";
    if (title === "") return "no-name";
    const found: Omit<EventDraft, "line">[] = [];
    for (const { item, startDate } of timesOf(event)) {
      const at = instantOfTime(startDate, item.component, timeZone);
      if (Number.isNaN(at)) return "no-time";
      if (at > until && moved.length === 0) break;
      if (at < from || at > until) continue;
      found.push({
        name: (item.summary || title).trim().slice(0, MOST_NAME),
        at: wallTimeOf(at, timeZone),
        ...(days.count > 1 && { day: daysBetween(days.date, wallDateOf(at, timeZone)) + 1 }),
        minutes: Math.min(1440, Math.max(0, Math.round(item.duration.toSeconds() / 60))),
        where: item.location?.trim() || undefined,
      });
    }
    return found.length > 0 ? found : "bad-time";
  } catch {
    return "no-time";
  }
}

/** Each time of an entry, with what holds for it. */
function* timesOf(event: ICAL.Event): Generator<{ item: ICAL.Event; startDate: ICAL.Time }> {
  if (!event.isRecurring()) return yield { item: event, startDate: event.startDate };
  const times = event.iterator();
  for (let n = 0; n < MOST_TIMES; n++) {
    const next = times.next();
    if (!next) return;
    yield event.getOccurrenceDetails(next);
  }
}

/**
 * The instant of a calendar's time, epoch milliseconds; NaN for a date that is none. A zone that everybody knows counts by its clocks,
 * another by the rules that the file gives for it, a time without one by the clocks of the outing.
 */
function instantOfTime(time: ICAL.Time, component: ICAL.Component, timeZone: string): number {
  const named: unknown = component.getFirstProperty("dtstart")?.getParameter("tzid");
  const isKnown = typeof named === "string" && zoneName.safeParse(named).success;
  const isFloating = time.zone === ICAL.Timezone.localTimezone;
  if (!isKnown && !isFloating) return time.toUnixTime() * 1000;
  const [date, clock] = time.toString().split("T");
  return instantOf(date!, clock!.slice(0, 5), isKnown ? named : timeZone).at;
}
