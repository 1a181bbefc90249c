import ical, { ICalAlarmType } from "ical-generator";

/** A moment of the calendar. */
export interface CalendarEntry {
  readonly id: string;
  /** Epoch milliseconds. */
  readonly at: number;
  readonly title: string;
  readonly detail: string;
}

/** Seconds before a moment at which its alarm rings: time to turn two dials. */
const BEFORE = 120;
const MINUTE = 60_000;

/** The moments of an outing as a calendar (RFC 5545), each with an alarm two minutes before it. */
export function cardCalendar(
  {
    name,
    place,
    entries,
  }: { readonly name: string; readonly place: string; readonly entries: readonly CalendarEntry[] },
  stamp: number,
): string {
  const calendar = ical({ name, prodId: { company: "Bright Perch", product: "Field card", language: "EN" } });
  for (const { id, at, title, detail } of entries) {
    const event = calendar.createEvent({
      id,
      start: new Date(at),
      end: new Date(at + MINUTE),
      stamp: new Date(stamp),
      summary: title,
      description: detail,
      location: place,
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: BEFORE, description: title });
  }
  return calendar.toString();
}
