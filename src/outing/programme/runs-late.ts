import type { Outing } from "@/data";
import { editEvent, type Edit } from "../edits";
import { keyOfPlace } from "./event-places";
import { timedProgramme, type TimedEvent } from "./event-times";
import { kindOfEvent } from "./kinds";
import { isLaterRound } from "./rounds";

const MINUTE = 60_000;

/**
 * What an event holds up when it is late: events of one course come one after the other. Races of a meeting share the track, wherever along
 * it they are photographed; everything else has the place at which it happens (a pit, a ring, a pitch) to itself; what has no place yet is
 * taken to share one. Common practice, no source.
 */
export function courseOf(event: TimedEvent): string {
  const kind = kindOfEvent(event);
  if (kind?.worth === "whole" && !kind.idle) return "races";
  return event.place ? keyOfPlace(event.place) : "somewhere";
}

/** Whether one event cannot begin before another is over. */
const hangsOn = (later: TimedEvent, on: TimedEvent): boolean =>
  later.starts >= on.starts && (courseOf(later) === courseOf(on) || isLaterRound(later.name, on.name));

/**
 * By how many minutes each event is later when one of them is late: the event itself, and what hangs on it as far as the pauses between
 * them do not take it up. Keyed by id; nothing else moves. Earlier than planned (below 0) goes the event alone.
 */
export function heldUp(outing: Outing, eventId: string, minutes: number): ReadonlyMap<string, number> {
  const events = timedProgramme(outing);
  const first = events.findIndex((e) => e.id === eventId);
  const held = new Map(first < 0 ? [] : [[eventId, minutes]]);
  if (first < 0 || minutes <= 0) return held;
  for (const [i, event] of events.entries()) {
    if (i <= first) continue;
    const by = events.slice(0, i).map((on) => {
      const late = held.get(on.id) ?? 0;
      if (late === 0 || !hangsOn(event, on)) return 0;
      // What overlapped as it was planned goes on overlapping by as much.
      return Math.max(0, late - Math.max(0, (event.starts - on.ends) / MINUTE));
    });
    const most = Math.ceil(Math.max(0, ...by));
    if (most > 0) held.set(event.id, most);
  }
  return held;
}

/** An event so many minutes later, with what hangs on it. What has begun by `at` (epoch milliseconds) goes on longer instead. */
export const delayEvent =
  (eventId: string, minutes: number, at: number): Edit =>
  (outing) => {
    const begun = timedProgramme(outing).some((e) => e.id === eventId && e.starts <= at);
    return [...heldUp(outing, eventId, minutes)].reduce((now, [id, by]) => {
      const { late = 0, minutes: lasts } = outing.programme!.find((e) => e.id === id)!;
      const longer = id === eventId && begun;
      return editEvent(
        id,
        longer
          ? { minutes: Math.max(0, Math.min(1440, lasts + by)) }
          : { late: Math.max(-600, Math.min(1440, late + by)) },
      )(now);
    }, outing);
  };
