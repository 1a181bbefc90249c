import ical, { ICalAlarmType } from "ical-generator";

/** Something of a calendar. */
export interface CalendarEvent {
  readonly id: string;
  /** Epoch milliseconds. */
  readonly from: number;
  readonly until: number;
  readonly title: string;
  readonly detail: string;
}

interface Calendar {
  readonly name: string;
  readonly place: string;
  /** What of the application it comes from. */
  readonly product: string;
  readonly events: readonly CalendarEvent[];
  /** Seconds before each event at which an alarm rings; none when left out. */
  readonly alarm?: number;
}

/** A calendar as RFC 5545 has it, written at an instant in epoch milliseconds. */
export function calendarText({ name, place, product, events, alarm }: Calendar, stamp: number): string {
  const calendar = ical({ name, prodId: { company: "Bright Perch", product, language: "EN" } });
  for (const { id, from, until, title, detail } of events) {
    const event = calendar.createEvent({
      id,
      start: new Date(from),
      end: new Date(until),
      stamp: new Date(stamp),
      summary: title,
      description: detail,
      location: place,
    });
    if (alarm !== undefined)
      event.createAlarm({ type: ICalAlarmType.display, trigger: alarm, description: title });
  }
  return calendar.toString();
}
