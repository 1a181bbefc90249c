import { shareBetween, worthOfShare } from "./part-worth";
import type { ScheduleInput, Visit } from "./plan";
import { isPartly, overAt } from "./stretches";

/** Milliseconds before the last moment at which one leaves for the next (assumed). */
const RESERVE = 3 * 60_000;

/**
 * Stays drawn out to the minute: at an event that is had in part one stays until one has to leave for the next, and comes as soon as one can.
 * What each is worth follows.
 */
export function stretched({ events, start, metres, pace }: ScheduleInput, visits: readonly Visit[]): Visit[] {
  const byId = new Map(events.map((e) => [e.id, e]));
  const seen = new Map(events.map((e) => [e.id, e.seen ?? 0]));
  const drawn: Visit[] = [];
  for (const [i, visit] of visits.entries()) {
    const event = byId.get(visit.eventId)!;
    const last = drawn.at(-1);
    const leave = last?.until ?? start.at;
    const place = last?.placeId ?? start.placeId;
    const walk = place === visit.placeId ? 0 : (metres(place, visit.placeId) / pace) * 1000;
    if (!isPartly(event)) {
      drawn.push({
        ...visit,
        arrive: leave + walk,
        ready: Math.max(visit.ready, leave + walk),
        slack: visit.leave - leave,
      });
      continue;
    }
    const next = visits[i + 1];
    const reserve = next?.placeId === visit.placeId ? 0 : RESERVE;
    const until = Math.min(event.until, Math.max(visit.until, next ? next.leave - reserve : event.until));
    const ready = leave + walk + (place === visit.placeId ? 0 : event.setUp);
    const from = Math.min(visit.from, Math.max(event.from, ready));
    const { partly = "whole", value } = event;
    const before = seen.get(event.id)!;
    const attended = Math.min(1, before + shareBetween(partly, overAt(event, from), overAt(event, until)));
    const worth = worthOfAlternative(event, visit.placeId);
    const share = worth * (worthOfShare(partly, attended) - worthOfShare(partly, before));
    seen.set(event.id, attended);
    drawn.push({
      ...visit,
      arrive: leave + walk,
      ready: from === event.from ? Math.max(visit.ready, leave + walk) : from,
      slack: Math.max(0, visit.leave - leave),
      from,
      until,
      value: value * share,
      share,
    });
  }
  return drawn;
}

const worthOfAlternative = ({ alternatives }: ScheduleInput["events"][number], placeId: string): number =>
  alternatives.find((a) => a.placeId === placeId)?.worth ?? 0;
