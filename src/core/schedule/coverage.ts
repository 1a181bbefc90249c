import { walkBlocks, walkRound, type Ground, type Position } from "../ground";
import { assess, type AssessInput } from "../judge";
import { sunCourse } from "../light";
import { sceneAt, type LightPlan } from "../scene";
import type { Progress } from "../units";
import type { Event, Schedule } from "./plan";
import { runningOrder } from "./solve";

/** An event with how it would be taken: its shot, subject and kit from any position. */
export interface CoverageEvent extends Omit<Event, "alternatives"> {
  /** Undefined where it is not told where it happens, or the kit cannot take it. */
  readonly asked?: Omit<AssessInput, "position" | "scene">;
  /** Set by hand: it must be covered where that can be. */
  readonly pinned?: boolean;
}

export interface CoverageInput {
  readonly ground: Ground;
  readonly light: LightPlan;
  readonly events: readonly CoverageEvent[];
  readonly positions: readonly Position[];
  /** Where one is and from when, epoch milliseconds; an unknown place is as near to all. */
  readonly start: {
    readonly placeId: string;
    /** Epoch milliseconds. */
    readonly at: number;
  };
  /** Walking pace with the bag in m/s, above 0. */
  readonly pace: number;
}

/** What an event that is left out would cost. */
export interface Price {
  readonly eventId: string;
  /** What is lost for it, in value; 0 and less is no loss. */
  readonly costs: number;
  /** The events that would be left out for it. */
  readonly insteadOf: readonly string[];
}

export interface Coverage extends Schedule {
  /** What it would cost to have an event that lost against others. */
  readonly prices: readonly Price[];
  /** Metres between positions by their ids, the way round what stands there; Infinity where there is none. */
  readonly metres: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/** More than any day is worth: a pinned event is dropped only where it cannot be had. */
const PINNED = 1e6;
/** Lost events that are priced, the dearest first: each is the day solved anew. */
const MOST_PRICED = 12;

/**
 * The running order of greatest value over a programme: each event from each position by the judge's score at its middle, walks
 * round what stands there, exact where the solver is. Hands back its progress after each event.
 */
export function* coverage(input: CoverageInput): Generator<Progress, Coverage, void> {
  const { ground, light, events, positions, pace, start } = input;
  const course = sunCourse(ground.anchor);
  const metres = metresBetween(ground, positions);
  const asked: Event[] = [];
  for (const [done, { asked: take, pinned, ...event }] of events.entries()) {
    const middle = (event.from + event.until) / 2;
    const scene = sceneAt(ground, light, middle, course(middle));
    const alternatives = take
      ? positions.flatMap((position) => {
          const found = assess({ ...take, position, scene });
          return found.ok && !found.score.vetoed && found.score.value > 0
            ? [{ placeId: position.id, worth: found.score.value }]
            : [];
        })
      : [];
    asked.push({ ...event, value: pinned ? event.value * PINNED : event.value, alternatives });
    yield { done: done + 1, total: events.length };
  }
  const day = {
    events: asked,
    start,
    pace,
    metres: (from: string, to: string): number => metres[from]?.[to] ?? 0,
  };
  const own = (id: string, value: number): number =>
    events.find((e) => e.id === id)?.pinned ? value / PINNED : value;
  const ordered = told(runningOrder(day), own);
  // What pinning weighs is no value: the bound is that of the day without it.
  const bound =
    ordered.method === "exact"
      ? ordered.value
      : runningOrder({ ...day, events: asked.map((e) => ({ ...e, value: own(e.id, e.value) })) }).bound;
  const plan = { ...ordered, bound };
  const prices = plan.lost
    .filter((l) => l.reason === "worth-less")
    .sort((a, b) => b.value - a.value)
    .slice(0, MOST_PRICED)
    .map(({ eventId }): Price => {
      const forced = asked.map((e) => (e.id === eventId ? { ...e, value: e.value * PINNED } : e));
      const other = told(runningOrder({ ...day, events: forced }), (id, value) =>
        own(id, id === eventId ? value / PINNED : value),
      );
      const had = new Set(other.visits.map((v) => v.eventId));
      return {
        eventId,
        costs: plan.value - other.value,
        insteadOf: plan.visits.map((v) => v.eventId).filter((id) => !had.has(id)),
      };
    });
  return { ...plan, prices, metres };
}

/** A schedule with the values that its events have, without the weight of what is pinned. */
function told(schedule: Schedule, own: (id: string, value: number) => number): Schedule {
  const visits = schedule.visits.map((v) => ({ ...v, value: own(v.eventId, v.value) }));
  const lost = schedule.lost.map((l) => ({ ...l, value: own(l.eventId, l.value) }));
  const value = visits.reduce((sum, v) => sum + v.value, 0);
  return {
    ...schedule,
    visits,
    lost,
    value,
    valueLost: lost.reduce((sum, l) => sum + l.value, 0),
  };
}

/** Metres on foot between positions, each way the same. */
function metresBetween(
  ground: Ground,
  positions: readonly Position[],
): Record<string, Record<string, number>> {
  const blocks = walkBlocks(ground);
  const all: Record<string, Record<string, number>> = Object.fromEntries(positions.map((p) => [p.id, {}]));
  positions.forEach((a, i) =>
    positions.slice(i).forEach((b) => {
      const walk = a === b ? undefined : walkRound({ from: a.at, to: b.at, blocks });
      const length = !walk ? 0 : walk.ok ? walk.value.metres : Infinity;
      all[a.id]![b.id] = length;
      all[b.id]![a.id] = length;
    }),
  );
  return all;
}
