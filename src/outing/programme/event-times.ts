import { byClock, daysAfter, instantOf, type Outing, type ProgrammeEvent } from "@/data";
import { spotsAt } from "./event-places";
import { kindOfEvent } from "./kinds";

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

/**
 * The shots with which an event is taken: those that it serves, else those of its place's spots, of its kind's subjects where there are any,
 * else those of its kind; none where nothing tells.
 */
export function shotsServing(
  { shots, ground }: Pick<Outing, "shots" | "ground">,
  event: Pick<ProgrammeEvent, "shotIds" | "place" | "kind"> & { readonly name?: string },
): Outing["shots"] {
  const { shotIds = [], place, kind, name = "" } = event;
  const served = shots.filter((s) => shotIds.includes(s.id));
  if (served.length > 0) return served;
  const there = spotsAt(ground, place).map((s) => s.id);
  const here = shots.filter((s) => there.includes(s.spotId));
  const subjects = kindOfEvent({ kind, name })?.subjects ?? [];
  const ofKind = (some: Outing["shots"]): Outing["shots"] =>
    some.filter((s) => subjects.includes(s.subjectId));
  return [ofKind(here), here, place ? ofKind(shots) : []].find((some) => some.length > 0) ?? [];
}

/** Programmes that were timed, for as long as their outing is in use: an outing is never changed in place. */
const timed = new WeakMap<Outing, readonly TimedEvent[]>();

/** The programme in the order in which it begins. */
export function timedProgramme(outing: Outing): readonly TimedEvent[] {
  const known = timed.get(outing) ?? withInstants(outing);
  timed.set(outing, known);
  return known;
}

function withInstants(outing: Outing): readonly TimedEvent[] {
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
