/** What one was there for: minutes of the day, from the first up to the second; past midnight the second is above 1440. */
export interface Presence {
  /** Minutes of the day, 0 to 1440. */
  readonly from: number;
  /** Minutes of the day, above `from`. */
  readonly until: number;
}

/** How much was seen in an hour of the day. */
export interface HourOfActivity {
  /** 0 to 23. */
  readonly hour: number;
  /** What was noted in it. */
  readonly seen: number;
  /** Hours that one was there in it, over all days; 0 where one never was. */
  readonly hours: number;
  /** Noted in an hour of being there; absent below half an hour, which says nothing. */
  readonly rate?: number;
}

const LEAST_HOURS = 0.5;

/** Share of an hour of the day, 0 … 1, that a stay covers. */
const within = ({ from, until }: Presence, hour: number): number =>
  [0, 1440].reduce(
    (sum, day) => sum + Math.max(0, Math.min(until, 60 * (hour + 1) + day) - Math.max(from, 60 * hour + day)),
    0,
  ) / 60;

/**
 * Activity by hour of the day from one's own log: what was noted, against how long one was there to note it. `minutes`: of the day, 0 to
 * 1439, of each thing noted.
 */
export function activityByHour(minutes: readonly number[], stays: readonly Presence[]): HourOfActivity[] {
  return Array.from({ length: 24 }, (_, hour) => {
    const seen = minutes.filter((m) => Math.floor(m / 60) === hour).length;
    const hours = stays.reduce((sum, stay) => sum + within(stay, hour), 0);
    return { hour, seen, hours, ...(hours >= LEAST_HOURS && { rate: seen / hours }) };
  });
}
