import { wayOnFoot, type Ground, type Position, type WayOnFoot } from "../ground";
import { sunCourse } from "../light";
import { sceneAt, type LightPlan } from "../scene";
import type { Progress } from "../units";
import { chancesOf, type Uncertain } from "./chances";
import type { Event, Schedule, ScheduleInput, Visit } from "./plan";
import { reschedule } from "./solve";
import { worthFrom, type Picture } from "./worth";

/** An event with how it would be taken: its pictures with their shot, subject and kit from any position. */
export interface CoverageEvent extends Omit<Event, "alternatives"> {
  /** The pictures that it is good for; none where it is not told where it happens, or the kit cannot take it. */
  readonly pictures: readonly Picture[];
  /** From where it may be taken; from any position while it is left out or none of them is there. */
  readonly positionIds?: readonly string[];
  /** Set by hand: it must be covered where that can be. */
  readonly pinned?: boolean;
  /** How far it may run from what was announced; to the minute while it is left out. */
  readonly uncertain?: Uncertain;
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
  /** Epoch milliseconds at which the day began, from which delays grow; `start.at` while it is left out. */
  readonly began?: number;
  /** Events that are had already, by their ids: what shows the same is not wanted again. */
  readonly covered?: readonly string[];
}

/** What an event that is left out would cost. */
export interface Price {
  readonly eventId: string;
  /** What is lost for it, in value; 0 and less is no loss. */
  readonly costs: number;
  /** The events that would be left out for it. */
  readonly insteadOf: readonly string[];
}

/** A stay of the order with its chance. */
export interface Stay extends Visit {
  /** The share of days, 0 to 1, on which one is in time for it. */
  readonly chance: number;
  /** Whether it is not there from its event's beginning to its end. */
  readonly partly: boolean;
}

export interface Coverage extends Omit<Schedule, "visits"> {
  readonly visits: readonly Stay[];
  /** What it would cost to have an event that lost against others. */
  readonly prices: readonly Price[];
  /** From position to position by their ids, round what stands there; left out where no way leads, and from one to itself. */
  readonly ways: Readonly<Record<string, Readonly<Record<string, WayOnFoot>>>>;
}

/** More than any day is worth: a pinned event is dropped only where it cannot be had. */
const PINNED = 1e6;
/** Lost events that are priced, the dearest first, on a day of up to so many events, and on a longer one: each is the day solved anew. */
const USUAL_DAY = 40;
const MOST_PRICED = 12;

/**
 * The running order of greatest value over a programme: each event from each position by the judge's score at its middle, walks
 * round what stands there, exact where the solver is. Hands back its progress after each event.
 */
export function* coverage(input: CoverageInput): Generator<Progress, Coverage, void> {
  const { ground, light, events, positions, pace, start, covered = [] } = input;
  const course = sunCourse(ground.anchor);
  const ways = waysBetween(ground, positions);
  const asked: Event[] = [];
  for (const [done, { pictures, pinned, positionIds, uncertain: _, ...event }] of events.entries()) {
    const middle = (event.from + event.until) / 2;
    const scene = sceneAt(ground, light, middle, course(middle));
    const alternatives = covered.includes(event.id)
      ? []
      : servedFrom(positions, positionIds)
          .map((position) => ({ placeId: position.id, worth: worthFrom(pictures, position, scene).worth }))
          .filter(({ worth }) => worth > 0);
    asked.push({ ...event, value: pinned ? event.value * PINNED : event.value, alternatives });
    yield { done: done + 1, total: events.length };
  }
  const order = (day: ScheduleInput): Schedule => reschedule(day, { ...start, covered, shifts: [] });
  const day = {
    events: asked,
    start,
    pace,
    // From a place that is none of these, each is as near.
    metres: (from: string, to: string): number =>
      from === to || !ways[from] ? 0 : (ways[from][to]?.metres ?? Infinity),
  };
  const own = (id: string, value: number): number =>
    events.find((e) => e.id === id)?.pinned ? value / PINNED : value;
  const ordered = told(order(day), own);
  // What pinning weighs is no value: the bound, and what everything is worth, are those of the day without it.
  const free = events.some((e) => e.pinned)
    ? order({ ...day, events: asked.map((e) => ({ ...e, value: own(e.id, e.value) })) })
    : ordered;
  const plan = {
    ...ordered,
    bound: ordered.method === "exact" ? ordered.value : free.bound,
    all: free.all,
  };
  const prices = plan.lost
    .filter((l) => l.reason === "worth-less")
    .sort((a, b) => b.value - a.value)
    .slice(0, events.length <= USUAL_DAY ? USUAL_DAY : MOST_PRICED)
    .map(({ eventId }): Price => {
      const forced = asked.map((e) => (e.id === eventId ? { ...e, value: e.value * PINNED } : e));
      const other = told(order({ ...day, events: forced }), (id, value) =>
        own(id, id === eventId ? value / PINNED : value),
      );
      const had = new Set(other.visits.map((v) => v.eventId));
      return {
        eventId,
        costs: plan.value - other.value,
        insteadOf: plan.visits.map((v) => v.eventId).filter((id) => !had.has(id)),
      };
    });
  const uncertain = Object.fromEntries(events.flatMap((e) => (e.uncertain ? [[e.id, e.uncertain]] : [])));
  const chances = chancesOf({ ...day, began: input.began ?? start.at, uncertain }, plan.visits);
  const byId = new Map(events.map((e) => [e.id, e]));
  const visits = plan.visits.map((visit, i): Stay => {
    const event = byId.get(visit.eventId)!;
    return { ...visit, chance: chances[i]!, partly: visit.from > event.from || visit.until < event.until };
  });
  // What was seen in part, and is not gone to again, is not left out.
  const lost = plan.lost.filter((l) => !byId.get(l.eventId)?.seen);
  return { ...plan, visits, lost, prices, ways };
}

const servedFrom = (positions: readonly Position[], ids: readonly string[] = []): readonly Position[] => {
  const chosen = positions.filter((p) => ids.includes(p.id));
  return chosen.length > 0 ? chosen : positions;
};

/** A schedule with the values that its events have, without the weight of what is pinned. */
function told(schedule: Schedule, own: (id: string, value: number) => number): Schedule {
  const visits = schedule.visits.map((v) => ({ ...v, value: own(v.eventId, v.value) }));
  const lost = schedule.lost.map((l) => ({ ...l, value: own(l.eventId, l.value) }));
  const sum = (items: readonly { readonly value: number }[]): number =>
    items.reduce((so, i) => so + i.value, 0);
  return { ...schedule, visits, lost, value: sum(visits), valueLost: sum(lost) };
}

/** Ways on foot between positions, each way the same but for its direction. */
function waysBetween(ground: Ground, positions: readonly Position[]): Coverage["ways"] {
  const all: Record<string, Record<string, WayOnFoot>> = Object.fromEntries(positions.map((p) => [p.id, {}]));
  positions.forEach((a, i) =>
    positions.slice(i + 1).forEach((b) => {
      const walk = wayOnFoot(ground, a.at, b.at);
      if (!walk.ok) return;
      all[a.id]![b.id] = walk.value;
      all[b.id]![a.id] = {
        ...walk.value,
        way: walk.value.way.toReversed(),
        over: walk.value.over.toReversed(),
      };
    }),
  );
  return all;
}
