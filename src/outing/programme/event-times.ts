import { byClock, daysAfter, instantOf, type Outing, type ProgrammeEvent } from "@/data";

const MINUTE = 60_000;

/** An event with its instants, as late as it runs. */
export interface TimedEvent extends ProgrammeEvent {
  /** Epoch milliseconds of its start, with the delay. */
  readonly starts: number;
  /** Epoch milliseconds of its end. */
  readonly ends: number;
  /** Epoch milliseconds of its calls, the first first. */
  readonly called: readonly number[];
}

/** The shot with which an event is taken: the one that it serves, else the first of its spot; none where neither is told. */
export const shotServing = (
  { shots }: Pick<Outing, "shots">,
  { shotId, spotId }: Pick<ProgrammeEvent, "shotId" | "spotId">,
): Outing["shots"][number] | undefined =>
  shots.find((s) => s.id === shotId) ?? shots.find((s) => s.spotId === spotId);

/** The programme in the order in which it begins. */
export function timedProgramme(outing: Outing): TimedEvent[] {
  const byId = new Map<string, number>();
  // On an outing of several days an event is on the first that has its time, where it is not told on which.
  for (const { id, at } of byClock(outing, outing.programme ?? [])) if (!byId.has(id)) byId.set(id, at);
  return (outing.programme ?? [])
    .map((event): TimedEvent => {
      const { day } = event;
      const onDay = day && instantOf(daysAfter(outing.date, day - 1), event.at, outing.timeZone).at;
      const starts = (onDay ?? byId.get(event.id)!) + (event.late ?? 0) * MINUTE;
      return {
        ...event,
        starts,
        ends: starts + event.minutes * MINUTE,
        called: event.calls.map((before) => starts - before * MINUTE),
      };
    })
    .toSorted((a, b) => a.starts - b.starts);
}
