export interface Instant {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Set when the clock change makes the wall time not exist, or exist twice. */
  readonly odd?: "skipped" | "twice";
}

const DAY = 86_400_000;

const clocks = new Map<string, Intl.DateTimeFormat>();

/** The browser's own zone table, one formatter a zone: making one costs far more than asking it. */
function clockOfZone(zone: string): Intl.DateTimeFormat {
  const known = clocks.get(zone);
  if (known) return known;
  const made = new Intl.DateTimeFormat("en-GB", {
    timeZone: zone,
    hourCycle: "h23",
    year: "numeric",
    month: "2-digit",
    day: "2-digit",
    hour: "2-digit",
    minute: "2-digit",
    second: "2-digit",
  });
  clocks.set(zone, made);
  return made;
}

/** What the clocks of a zone show at an instant, told as if it were UTC; milliseconds, whole seconds. */
function shownAt(at: number, zone: string): number {
  const parts = Object.fromEntries(
    clockOfZone(zone)
      .formatToParts(at)
      .map((p) => [p.type, p.value]),
  );
  return Date.parse(
    `${parts.year}-${parts.month}-${parts.day}T${parts.hour}:${parts.minute}:${parts.second}Z`,
  );
}

const offsetAt = (at: number, zone: string): number => shownAt(at, zone) - (at - (at % 1000));

/**
 * The instant of a local wall time. A time that does not exist or exists twice is taken by the earlier offset, the one
 * in force before the clocks change, and says so.
 */
export function instantOf(date: string, time: string, zone: string): Instant {
  const asUtc = Date.parse(`${date}T${time}:00Z`);
  if (Number.isNaN(asUtc))
    throw new Error(`${date} ${time} is not a date and time; write YYYY-MM-DD and HH:MM`);
  const before = asUtc - offsetAt(asUtc - DAY, zone);
  const after = asUtc - offsetAt(asUtc + DAY, zone);
  const real = [before, after].filter((at) => shownAt(at, zone) === asUtc);
  if (real.length === 0) return { at: before, odd: "skipped" };
  if (before !== after && real.length === 2) return { at: before, odd: "twice" };
  return { at: real[0]! };
}

/** The wall time HH:MM of an instant in a zone. */
export const wallTimeOf = (at: number, zone: string): string =>
  new Date(shownAt(at, zone)).toISOString().slice(11, 16);
