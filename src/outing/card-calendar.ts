import { calendarText } from "./calendar";

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

/** The moments of an outing as a calendar, each with an alarm two minutes before it. */
export const cardCalendar = (
  {
    name,
    place,
    entries,
  }: { readonly name: string; readonly place: string; readonly entries: readonly CalendarEntry[] },
  stamp: number,
): string =>
  calendarText(
    {
      name,
      place,
      product: "Field card",
      events: entries.map(({ at, ...entry }) => ({ ...entry, from: at, until: at + MINUTE })),
      alarm: BEFORE,
    },
    stamp,
  );
