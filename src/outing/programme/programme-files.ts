import ICAL from "ical.js";
import ical, { ICalAlarmType } from "ical-generator";
import Papa from "papaparse";
import { daysBetween, wallDateOf, wallTimeOf, type ProgrammeEvent } from "@/data";
import type { Days, EventDraft, ReadProgramme } from "./read-programme";

/** A file of a table, row by row; commas, semicolons or tabs, as the file has it. */
export const rowsOfCsv = (text: string): string[][] =>
  Papa.parse<string[]>(text.trim(), { skipEmptyLines: "greedy" }).data;

/** Rows as a table, the heads first. */
export const csvOf = (rows: readonly (readonly string[])[]): string => Papa.unparse(rows as string[][]);

const HEADS = ["day", "time", "event", "minutes", "place", "who", "group", "priority", "calls", "set up"];

/** The programme as a table that `readTable` reads again. */
export const programmeCsv = (
  events: readonly ProgrammeEvent[],
  nameOf: (place: ProgrammeEvent["place"]) => string,
): string =>
  Papa.unparse({
    fields: HEADS,
    data: events.map((e) => [
      e.day ?? "",
      e.at,
      e.name,
      e.minutes,
      nameOf(e.place),
      e.who ?? "",
      e.group ?? "",
      e.priority,
      e.calls.join("/"),
      e.setUp,
    ]),
  });

/** When an outing is, by its clocks; epoch milliseconds. */
interface CalendarWindow {
  readonly timeZone: string;
  readonly from: number;
  readonly until: number;
  readonly days: Days;
}

/** The events of a calendar (RFC 5545) that begin on the outing's days, by its clocks; whole days and others are refused. */
export function readCalendar(text: string, { timeZone, from, until, days }: CalendarWindow): ReadProgramme {
  let entries: ICAL.Event[];
  try {
    entries = new ICAL.Component(ICAL.parse(text) as string[])
      .getAllSubcomponents("vevent")
      .map((c) => new ICAL.Event(c));
  } catch {
    return { events: [], refused: [{ line: 1, text: text.slice(0, 60), fault: "no-columns" }] };
  }
  const events: EventDraft[] = [];
  const refused: ReadProgramme["refused"][number][] = [];
  entries.forEach((entry, i) => {
    const refuse = (fault: "no-time" | "no-name" | "bad-time"): void =>
      void refused.push({ line: i + 1, text: entry.summary ?? "", fault });
    if (!entry.startDate || entry.startDate.isDate) return refuse("no-time");
    const at = entry.startDate.toJSDate().getTime();
    if (at < from || at > until) return refuse("bad-time");
    if (!entry.summary?.trim()) return refuse("no-name");
    events.push({
      name: entry.summary.trim().slice(0, 60),
      at: wallTimeOf(at, timeZone),
      ...(days.count > 1 && { day: daysBetween(days.date, wallDateOf(at, timeZone)) + 1 }),
      minutes: Math.min(1440, Math.max(0, Math.round(entry.duration.toSeconds() / 60))),
      where: entry.location?.trim() || undefined,
    });
  });
  return { events, refused };
}

const MINUTE = 60_000;

/** The programme as a calendar, each event with an alarm at its second call, at its start where it has none. */
export function programmeCalendar(
  name: string,
  events: readonly (ProgrammeEvent & { readonly starts: number; readonly where: string })[],
  stamp: number,
): string {
  const calendar = ical({ name, prodId: { company: "Bright Perch", product: "Programme", language: "EN" } });
  for (const { id, starts, minutes, name: summary, where, who, calls } of events) {
    const event = calendar.createEvent({
      id: `${id}@bright-perch`,
      start: new Date(starts),
      end: new Date(starts + minutes * MINUTE),
      stamp: new Date(stamp),
      summary,
      description: who,
      location: where,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 60 * (calls[1] ?? 0), description: summary });
  }
  return calendar.toString();
}
