import ical, { ICalAlarmType } from "ical-generator";
import Papa from "papaparse";
import type { ProgrammeEvent } from "@/data";

/** What a spreadsheet would take for a formula: it begins as one and is no signed number. */
const FORMULA = /^(?:[=@\t\r]|[+-](?!\d+(?:[.,:]\d+)?$))/;
/** The same with the sign before it that makes a spreadsheet take it for text. */
const HELD = /^'(?=[=@\t\r+-])/;

/** A file of a table, row by row; commas, semicolons or tabs, as the file has it. Text that we held back from being a formula is as it was. */
export const rowsOfCsv = (text: string): string[][] =>
  Papa.parse<string[]>(text.trim(), { skipEmptyLines: "greedy" }).data.map((row) =>
    row.map((cell) => cell.replace(HELD, "")),
  );

/** Rows as a table, the heads first; nothing in it starts a formula in a spreadsheet. */
export const csvOf = (rows: readonly (readonly (string | number)[])[]): string =>
  Papa.unparse(rows as (string | number)[][], { escapeFormulae: FORMULA });

const asItIs = (who: string): string => who;

const HEADS = [
  "day",
  "time",
  "event",
  "minutes",
  "place",
  "who",
  "group",
  "priority",
  "calls",
  "set up",
  "rounds",
];

/** The programme as a table that `readTable` reads again; `listed` writes who is in an event. */
export const programmeCsv = (
  events: readonly ProgrammeEvent[],
  nameOf: (place: ProgrammeEvent["place"]) => string,
  listed: (who: string) => string = asItIs,
): string =>
  csvOf([
    HEADS,
    ...events.map((e) => [
      e.day ?? "",
      e.at,
      e.name,
      e.minutes,
      nameOf(e.place),
      listed(e.who ?? ""),
      e.group ?? "",
      e.priority,
      e.calls.join("/"),
      e.setUp,
      e.rounds ?? "",
    ]),
  ]);

const MINUTE = 60_000;

/** The programme as a calendar, each event with an alarm at its second call, at its start where it has none. */
export function programmeCalendar(
  name: string,
  events: readonly (ProgrammeEvent & { readonly starts: number; readonly where: string })[],
  stamp: number,
  listed: (who: string) => string = asItIs,
): string {
  const calendar = ical({ name, prodId: { company: "Bright Perch", product: "Programme", language: "EN" } });
  for (const { id, starts, minutes, name: summary, where, who, calls } of events) {
    const event = calendar.createEvent({
      id: `${id}@bright-perch`,
      start: new Date(starts),
      end: new Date(starts + minutes * MINUTE),
      stamp: new Date(stamp),
      summary,
      description: who && listed(who),
      location: where,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 60 * (calls[1] ?? 0), description: summary });
  }
  return calendar.toString();
}
