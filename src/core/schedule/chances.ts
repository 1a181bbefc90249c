import { evenFrom } from "../units";
import type { ScheduleInput, Visit } from "./plan";
import { isPartly } from "./stretches";

/** How far the day of an event may run from what was announced. */
export interface Uncertain {
  /** Milliseconds, one standard deviation of its length. */
  readonly spread: number;
  /** Whether it may begin before its time: field events do, races never. */
  readonly mayBeEarly: boolean;
  /** Where it happens, by any name: a race waits for the one before it at the same place. */
  readonly at?: string;
}

export interface ChancesInput extends Pick<ScheduleInput, "events" | "start" | "metres" | "pace"> {
  /** Epoch milliseconds at which the day began: delays grow from there. */
  readonly began: number;
  /** By the id of an event; what is left out keeps its length and is never early. */
  readonly uncertain: Readonly<Record<string, Uncertain>>;
}

/** Late by one standard deviation: a tenth of the time since the day began (common practice). */
const LATENESS = 0.1;
/** Days that are gone through. */
const RUNS = 400;
/** Of a stay that was planned in part so much has to be had for it to count (assumed). */
const ENOUGH = 0.5;
/** The shortest that an event becomes, as a share of its usual length (assumed). */
const SHORTEST = 0.5;

/** Numbers of the normal distribution, mean 0 and standard deviation 1, from a seed (Box and Muller 1958). */
function normalFrom(seed: number): () => number {
  const even = evenFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

/**
 * For each stay of an order the share of days, 0 to 1, on which one is in time for it: starts late by a tenth of the time since the day began,
 * half of it together and half each for itself, lengths with their spread. One stays at a race to its end whatever the hour, at an event in part
 * to the minute that was planned, and goes on to the next even where one came too late for the last. The same seed gives the same chances.
 */
export function chancesOf(
  { events, start, metres, pace, began, uncertain }: ChancesInput,
  visits: readonly Visit[],
  seed = 1,
): number[] {
  const normal = normalFrom(seed);
  const byId = new Map(events.map((e) => [e.id, e]));
  const inTime = visits.map(() => 0);
  for (let run = 0; run < RUNS; run++) {
    const together = normal();
    let { at: time, placeId } = start;
    const over = new Map<string, number>();
    visits.forEach((visit, i) => {
      const event = byId.get(visit.eventId)!;
      const { spread = 0, mayBeEarly = false, at } = uncertain[event.id] ?? {};
      const drawn = (LATENESS * Math.max(0, event.from - began) * (together + normal())) / Math.SQRT2;
      const late = mayBeEarly ? drawn : Math.max(0, drawn);
      const length = event.until - event.from;
      const begins = Math.max(event.from + late, (at !== undefined && over.get(at)) || 0);
      const ends = begins + Math.max(SHORTEST * length, length + spread * normal());
      if (at !== undefined && !mayBeEarly) over.set(at, ends);
      const stays = placeId === visit.placeId;
      const arrive = time + (stays ? 0 : (metres(placeId, visit.placeId) / pace) * 1000);
      const ready = arrive + (stays ? 0 : event.setUp);
      placeId = visit.placeId;
      if (isPartly(event)) {
        const leave = Math.min(visit.until, ends);
        const had = leave - Math.max(ready, visit.from, begins);
        if (had >= ENOUGH * (visit.until - visit.from)) inTime[i]!++;
        time = Math.max(arrive, leave);
        return;
      }
      const isInTime = ready <= begins;
      if (isInTime) inTime[i]!++;
      time = isInTime ? Math.max(arrive, ends) : arrive;
    });
  }
  return inTime.map((n) => n / RUNS);
}
