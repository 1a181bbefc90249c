import { wallDate, wallTime } from "./schema";

/** A wall time as a camera writes it. */
export interface WallOfExif {
  /** YYYY-MM-DD. */
  readonly date: string;
  /** HH:MM. */
  readonly time: string;
}

/** "2026:10:17 15:20:31" as a date and a time; undefined for anything else, zeros of a clock that was never set among it. */
export function wallOfExif(text: unknown): WallOfExif | undefined {
  const [, year, month, day, time] =
    /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d)/.exec(typeof text === "string" ? text : "") ?? [];
  const date = `${year}-${month}-${day}`;
  if (!wallDate.safeParse(date).success || !wallTime.safeParse(time).success) return undefined;
  return { date, time: time! };
}
