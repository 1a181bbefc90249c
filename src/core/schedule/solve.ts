import type { Event, Lost, Schedule, ScheduleInput, Visit } from "./plan";

/** One way of covering one event, as the solver sees it. */
interface Option {
  readonly event: Event;
  readonly placeId: string;
  readonly value: number;
  /** By when one has to be there, and until when one stays. */
  readonly arriveBy: number;
  readonly until: number;
  /** Bit of its group among the groups that matter, or −1. */
  readonly group: number;
}

/** A best way of ending with an option, for a set of groups already had. */
interface Node {
  readonly option: number;
  readonly groups: number;
  readonly value: number;
  readonly walked: number;
  readonly before: Node | undefined;
}

/** Groups that can really be had twice; beyond this many the exact way would take too long. */
const MOST_GROUPS = 12;
/** Options times sets of groups that the exact way looks at, at the most. */
const MOST_STATES = 60_000;

/** In place by the second call, or by the beginning where there are fewer calls (common practice). */
export const inPlaceBy = ({ calls, from }: Pick<Event, "calls" | "from">): number =>
  calls && calls.length >= 2 ? Math.min(calls[1]!, from) : from;

/**
 * The running order of the greatest value: which events, from where. Exact dynamic programming over events in the order in
 * which they end; a state is the last event covered and the set of groups already had. When groups are too many the
 * sets are given up: the schedule is then the best found by taking each group once along the way, and `bound` says what
 * no schedule can exceed. Among equals the one with less walking.
 */
export function runningOrder(input: ScheduleInput): Schedule {
  const repeated = repeatedGroups(input.events);
  const options = optionsOf(input, repeated);
  const exact = repeated.length <= MOST_GROUPS && options.length * 2 ** repeated.length <= MOST_STATES;
  const best = exact ? bestEnd(input, options, "sets") : bestEnd(input, options, "along");
  const stops = stopsOf(input, options, best);
  const value = stops.reduce((sum, s) => sum + s.value, 0);
  const bound = exact ? value : (bestEnd(input, options, "relaxed")?.value ?? 0);
  const lost = lostOf(input, options, stops);
  return {
    visits: stops,
    value,
    lost,
    valueLost: lost.reduce((sum, l) => sum + l.value, 0),
    method: exact ? "exact" : "bounded",
    bound,
  };
}

/**
 * The group of which an event may be had once. An event without length could be had again from its other place in the
 * same instant: it is a group of its own.
 */
const groupOf = (event: Event): string | undefined =>
  event.group ?? (event.until <= inPlaceBy(event) - event.setUp ? `alone ${event.id}` : undefined);

/** Groups that could be had more than once: by several events, or by several places of one. */
function repeatedGroups(events: readonly Event[]): string[] {
  const counts = new Map<string, number>();
  for (const event of events) {
    const group = groupOf(event);
    const ways = event.until <= inPlaceBy(event) - event.setUp ? event.alternatives.length : 1;
    if (group) counts.set(group, (counts.get(group) ?? 0) + ways);
  }
  return [...counts].filter(([, n]) => n > 1).map(([group]) => group);
}

function optionsOf({ events }: ScheduleInput, groups: readonly string[]): Option[] {
  return events
    .flatMap((event) =>
      event.alternatives.map((a) => ({
        event,
        placeId: a.placeId,
        value: event.value * a.worth,
        arriveBy: inPlaceBy(event) - event.setUp,
        until: event.until,
        group: groups.indexOf(groupOf(event) ?? ""),
      })),
    )
    .filter((o) => o.value > 0)
    .sort((a, b) => a.until - b.until || a.event.from - b.event.from || a.arriveBy - b.arriveBy);
}

/**
 * By when one has to be there: set up by the second call; who stays where the event before was taken stands there already, and
 * only has to be done with that.
 */
const thereBy = ({ event, placeId, arriveBy }: Option, before: Option | undefined): number =>
  before?.placeId === placeId ? Math.max(event.from, arriveBy) : arriveBy;

const walkTime = ({ metres, pace }: ScheduleInput, from: string, to: string): number =>
  from === to ? 0 : (metres(from, to) / pace) * 1000;

type Way = "sets" | "along" | "relaxed";

const better = (a: Node, b: Node | undefined): boolean =>
  !b || a.value > b.value + 1e-9 || (a.value > b.value - 1e-9 && a.walked < b.walked);

/**
 * Best chain of options. "sets": for every set of groups had; exact. "along": one best chain per option, which must not
 * have had the group. "relaxed": groups may be had again; an upper bound.
 */
function bestEnd(input: ScheduleInput, options: readonly Option[], way: Way): Node | undefined {
  const ends: Node[][] = [];
  let best: Node | undefined;
  options.forEach((option, i) => {
    const bit = option.group < 0 ? 0 : 2 ** option.group;
    const found = new Map<number, Node>();
    const offer = (before: Node | undefined, from: string, leave: number): void => {
      const had = before?.groups ?? 0;
      if (way !== "relaxed" && (had & bit) !== 0) return;
      const walk = walkTime(input, from, option.placeId);
      if (leave + walk > thereBy(option, before && options[before.option])) return;
      const node: Node = {
        option: i,
        groups: way === "relaxed" ? 0 : had | bit,
        value: (before?.value ?? 0) + option.value,
        walked: (before?.walked ?? 0) + walk,
        before,
      };
      const key = way === "sets" ? node.groups : 0;
      if (better(node, found.get(key))) found.set(key, node);
    };
    offer(undefined, input.start.placeId, input.start.at);
    for (let j = 0; j < i; j++)
      for (const node of ends[j]!) offer(node, options[j]!.placeId, options[j]!.until);
    ends.push([...found.values()]);
    for (const node of ends[i]!) if (better(node, best)) best = node;
  });
  return best;
}

function stopsOf(input: ScheduleInput, options: readonly Option[], end: Node | undefined): Visit[] {
  const stops: Visit[] = [];
  for (let node = end; node; node = node.before) {
    const option = options[node.option]!;
    const { event, placeId, value } = option;
    const last = node.before ? options[node.before.option]! : undefined;
    const by = thereBy(option, last);
    const walk = walkTime(input, last?.placeId ?? input.start.placeId, placeId);
    const leave = last?.until ?? input.start.at;
    stops.unshift({
      eventId: event.id,
      placeId,
      leave: by - walk,
      arrive: leave + walk,
      ready: Math.max(inPlaceBy(event), leave + walk),
      until: event.until,
      slack: by - leave - walk,
      value,
    });
  }
  return stops;
}

function lostOf(input: ScheduleInput, options: readonly Option[], stops: readonly Visit[]): Lost[] {
  const covered = new Set(stops.map((s) => s.eventId));
  const groups = new Set(input.events.filter((e) => covered.has(e.id) && e.group).map((e) => e.group!));
  return input.events
    .filter((e) => !covered.has(e.id))
    .map((event) => {
      const own = options.filter((o) => o.event.id === event.id);
      const reason: Lost["reason"] =
        event.group && groups.has(event.group)
          ? "had-already"
          : own.length === 0
            ? "no-place"
            : event.until <= input.start.at
              ? "over"
              : own.every(
                    (o) => input.start.at + walkTime(input, input.start.placeId, o.placeId) > o.arriveBy,
                  )
                ? "cannot-reach"
                : "worth-less";
      const most = Math.max(0, ...own.map((o) => o.value));
      return { eventId: event.id, value: reason === "had-already" ? 0 : most, reason };
    });
}

/** An event that was moved by the organisers, in milliseconds, later positive. */
export interface Shift {
  readonly eventId: string;
  /** Milliseconds, later positive. */
  readonly by: number;
}

/**
 * The running order anew after shifts on the day: from where and when one is now, without what is already covered. Calls
 * move with their event.
 */
export function reschedule(
  input: ScheduleInput,
  now: {
    readonly placeId: string;
    readonly at: number;
    readonly covered: readonly string[];
    readonly shifts: readonly Shift[];
  },
): Schedule {
  const had = new Set(input.events.filter((e) => now.covered.includes(e.id) && e.group).map((e) => e.group!));
  const by = (id: string): number =>
    now.shifts.filter((s) => s.eventId === id).reduce((sum, s) => sum + s.by, 0);
  const events = input.events
    .filter((e) => !now.covered.includes(e.id) && !(e.group && had.has(e.group)))
    .map((e) => ({
      ...e,
      from: e.from + by(e.id),
      until: e.until + by(e.id),
      calls: e.calls?.map((c) => c + by(e.id)),
    }));
  return runningOrder({ ...input, events, start: { placeId: now.placeId, at: now.at } });
}
