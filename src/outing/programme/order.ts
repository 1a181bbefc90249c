import { walkSeconds, type Area, type Position } from "@/core/ground";
import { shareBetween, type Coverage, type Stay } from "@/core/schedule";
import { kindOfEvent } from "./kinds";
import type { Outing } from "@/data";
import { timedProgramme, type TimedEvent } from "./event-times";

/** A stop of the day's order: what, from where, and the way to it. */
export interface Step {
  readonly visit: Stay;
  readonly event: TimedEvent;
  readonly position: Position;
  /** Metres on foot from the stop before; 0 where one stays, and for the first. */
  readonly metres: number;
  /** Seconds of walking. */
  readonly walk: number;
  /** The crossings on the way, which an official opens. */
  readonly over: readonly Area[];
}

/** The order as stops of the outing as it is now; what was deleted since is left out. `pace` in m/s. */
export function stepsOf(outing: Outing, { visits, ways }: Coverage, pace: number): Step[] {
  const events = new Map(timedProgramme(outing).map((e) => [e.id, e]));
  return visits.flatMap((visit, i) => {
    const event = events.get(visit.eventId);
    const position = outing.ground.positions.find((p) => p.id === visit.placeId);
    if (!event || !position) return [];
    const last = visits[i - 1]?.placeId;
    const { metres = 0, over = [] } = (last === undefined ? undefined : ways[last]?.[visit.placeId]) ?? {};
    return [{ visit, event, position, metres, walk: walkSeconds(metres, pace), over }];
  });
}

/** Most numbers that are written at one position. */
const MOST = 5;

/** The positions of an order as it first comes to each, with the numbers of its stops there: "1, 3–6, 9". */
export function stopsOf(steps: readonly Step[]): { readonly position: Position; readonly numbers: string }[] {
  const at = new Map<string, { readonly position: Position; readonly runs: [number, number][] }>();
  steps.forEach(({ position }, i) => {
    const own = at.get(position.id) ?? { position, runs: [] };
    const last = own.runs.at(-1);
    if (last?.[1] === i) last[1] = i + 1;
    else own.runs.push([i + 1, i + 1]);
    at.set(position.id, own);
  });
  return [...at.values()].map(({ position, runs }) => {
    const numbers = runs.slice(0, MOST).map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`));
    return { position, numbers: `${numbers.join(", ")}${runs.length > MOST ? " …" : ""}` };
  });
}

/** What one is at, and where one goes next, at an instant in epoch milliseconds. */
export function nowAndNext(
  steps: readonly Step[],
  at: number,
): { readonly now: Step | undefined; readonly next: Step | undefined } {
  return {
    now: steps.find(({ visit }) => visit.ready <= at && at < visit.until),
    next: steps.find(({ visit }) => visit.ready > at),
  };
}

/** What of an order is over at an instant counts as had; what lies ahead again, since the clock was set back, does not. */
export function hadBy(
  order: Coverage | undefined,
  before: readonly string[],
  outing: Outing,
  at: number,
): string[] {
  const over = new Set(
    timedProgramme(outing)
      .filter((e) => e.ends <= at)
      .map((e) => e.id),
  );
  const visited = order?.visits.map((v) => v.eventId) ?? [];
  return [...new Set([...before, ...visited])].filter((id) => over.has(id));
}

/**
 * The share of each event that was seen by an instant, by the stays of an order and what was seen before it: what is over of a stay counts.
 */
export function seenBy(
  order: Coverage | undefined,
  before: Readonly<Record<string, number>>,
  outing: Outing,
  at: number,
): Record<string, number> {
  const events = new Map(timedProgramme(outing).map((e) => [e.id, e]));
  const seen = { ...before };
  for (const { eventId, from, until } of order?.visits ?? []) {
    const event = events.get(eventId);
    const worth = event && kindOfEvent(event)?.worth;
    if (!event || !worth || worth === "whole" || from >= at) continue;
    const share = (t: number): number =>
      Math.min(1, (t - event.starts) / Math.max(1, event.ends - event.starts));
    const had = shareBetween(worth, Math.max(0, share(from)), Math.max(0, share(Math.min(until, at))));
    seen[eventId] = Math.min(1, (seen[eventId] ?? 0) + had);
  }
  return seen;
}

/** How an order differs from the one before it. */
export interface OrderChange {
  readonly kind: "new" | "gone" | "elsewhere";
  readonly eventId: string;
  /** From where it is taken now; undefined for what is gone. */
  readonly placeId?: string;
}

/** From where each event is taken; of several stays at one the first says it. */
function firstPlaces({ visits }: Coverage): Map<string, string> {
  const places = new Map<string, string>();
  for (const { eventId, placeId } of visits) if (!places.has(eventId)) places.set(eventId, placeId);
  return places;
}

/** What an order has that the one before had not, and the other way round; what is over is no change. */
export function changesOfOrder(before: Coverage, now: Coverage): OrderChange[] {
  const [was, is] = [firstPlaces(before), firstPlaces(now)];
  const known = new Set([...is.keys(), ...now.lost.map((l) => l.eventId)]);
  return [
    ...[...is].flatMap(([eventId, placeId]): OrderChange[] => {
      if (!was.has(eventId)) return [{ kind: "new", eventId, placeId }];
      return was.get(eventId) === placeId ? [] : [{ kind: "elsewhere", eventId, placeId }];
    }),
    ...[...was.keys()]
      .filter((id) => !is.has(id) && known.has(id))
      .map((eventId): OrderChange => ({ kind: "gone", eventId })),
  ];
}

/** A call that one has to hear: of an event of the order, or to leave for it. */
export interface Call {
  readonly eventId: string;
  /** Which call, from 1; 0 is the time to leave. */
  readonly number: number;
  /** Epoch milliseconds. */
  readonly at: number;
}

/** The calls of the order's events and the times to leave for them, in rising order. */
export const callsOf = (steps: readonly Step[]): Call[] =>
  steps
    .flatMap(({ event, visit, metres }): Call[] => [
      ...event.called.map((at, i) => ({ eventId: event.id, number: i + 1, at })),
      ...(metres > 0 ? [{ eventId: event.id, number: 0, at: visit.leave }] : []),
    ])
    .toSorted((a, b) => a.at - b.at);
