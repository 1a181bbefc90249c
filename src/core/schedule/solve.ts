import type { Event, Lost, Schedule, ScheduleInput, Visit } from "./plan";
import { worthOfShare } from "./part-worth";
import { stretched } from "./stretched";
import { cutOf, gainOf, inPlaceBy, type Cut, type Stretch } from "./stretches";

export { inPlaceBy };

/** A way of the day so far: it ends with a stretch, at that stretch's place and end. */
interface Label {
  readonly stretch: Stretch | undefined;
  readonly placeId: string;
  /** Epoch milliseconds of its end. */
  readonly end: number;
  readonly value: number;
  /** The least milliseconds to spare before any stretch, up to {@link ENOUGH}. */
  readonly slack: number;
  /** Milliseconds on foot. */
  readonly walked: number;
  /** Bits of the groups that were had. */
  readonly groups: number;
  /** The share attended of each event whose worth hangs on it. */
  readonly attended: readonly number[];
  /** What this stretch added. */
  readonly gain: number;
  readonly before: Label | undefined;
}

/** A label at the place where it ended, with the most that it and those before it could still come to there. */
interface Ended {
  readonly label: Label;
  readonly most: number;
}

/** Milliseconds to spare beyond which more is no better (assumed). */
const ENOUGH = 20 * 60_000;
/** Labels compared that the exact way may take; beyond, each place keeps its best few. */
const MOST_STEPS = 3_000_000;
/** Labels that a place hands on to a stretch, and that a stretch keeps, when not everything can be looked at. */
const KEPT = 12;
const EPSILON = 1e-9;

/**
 * The running order of the greatest value: which events, which part of them, from where; events in part are weighed by pieces of ten minutes
 * and more, and what was chosen is drawn out to the minute. See {@link orderByPieces}.
 */
export function runningOrder(input: ScheduleInput): Schedule {
  const order = orderByPieces(input);
  const visits = stretched(input, order.visits);
  const value = sumOf(visits);
  return { ...order, visits, value, bound: order.method === "exact" ? value : Math.max(order.bound, value) };
}

/**
 * The order of the greatest value by whole pieces. Labels are carried from stretch to stretch of the day in the order in which these end; one
 * gives way to another at the same place that ended no later, has had no group more, and is worth so much more that nothing still to come
 * can make up for it. Exact as long as no label is given up for time; where some are, `bound` says what no order can exceed: the least of the
 * best of what was given up with all that was still to come and no walking, and of the day with every group as often as one likes. Among
 * equals the order that has more to spare before its tightest stretch, then the one with less walking.
 */
export function orderByPieces(input: ScheduleInput): Schedule {
  const cut = cutOf(input);
  const rest = restAfter(cut);
  const carried = carry(input, cut, rest, Infinity) ?? carry(input, cut, rest, KEPT)!;
  const visits = visitsOf(input, carried.best);
  const value = sumOf(visits);
  const lost = lostOf(input, cut, visits);
  const all = rest(-Infinity);
  const proved = carried.givenUp <= value + EPSILON;
  const bound = proved ? value : Math.min(all, carried.givenUp, relaxed(input, cut, rest));
  return {
    visits,
    value,
    lost,
    valueLost: sumOf(lost),
    all,
    method: bound <= value + EPSILON ? "exact" : "bounded",
    bound: Math.max(bound, value),
  };
}

const sumOf = (items: readonly { readonly value: number }[]): number =>
  items.reduce((sum, v) => sum + v.value, 0);

/** What no order exceeds: every group may be had again, and every piece of an event counts as the first that was seen of it. */
function relaxed(input: ScheduleInput, { stretches }: Cut, rest: (at: number) => number): number {
  const free = stretches.map((s) => ({ ...s, group: 0, early: -1 }));
  return carry(input, { stretches: free, early: [] }, rest, Infinity)?.best.value ?? Infinity;
}

/** What of an event is still worth having after an instant, of the best place: everything of it, without walking. */
function restAfter({ stretches }: Cut): (at: number) => number {
  const of = new Map<string, Stretch[]>();
  for (const stretch of stretches) {
    const key = stretch.event.group ?? `alone ${stretch.event.id}`;
    of.set(key, [...(of.get(key) ?? []), stretch]);
  }
  const groups = [...of.values()].map((own) => {
    const best = Math.max(...own.map((s) => s.event.value * s.worth));
    const starts = [...new Set(own.map((s) => s.from))].sort((a, b) => a - b);
    const shareFrom = (at: number): number => {
      const left = own.filter((s) => s.from >= at);
      if (left.length === 0) return 0;
      if (left.some((s) => s.share >= 1)) return 1;
      const { event } = left[0]!;
      const seen = new Map(left.map((s) => [s.from, s.share]));
      const share = [...seen.values()].reduce((a, b) => a + b, 0);
      return worthOfShare(event.partly ?? "whole", share);
    };
    const worth = starts.map((at) => best * shareFrom(at));
    return (at: number): number => {
      const i = starts.findIndex((s) => s >= at);
      return i < 0 ? 0 : worth[i]!;
    };
  });
  const known = new Map<number, number>();
  return (at) => {
    const found = known.get(at) ?? groups.reduce((sum, worth) => sum + worth(at), 0);
    known.set(at, found);
    return found;
  };
}

/** The best label and the most that what was given up could have come to; undefined where it would take too many steps. */
function carry(
  input: ScheduleInput,
  cut: Cut,
  rest: (at: number) => number,
  kept: number,
): { readonly best: Label; readonly givenUp: number } | undefined {
  const { start, pace } = input;
  const begin: Label = {
    stretch: undefined,
    placeId: start.placeId,
    end: start.at,
    value: 0,
    slack: ENOUGH,
    walked: 0,
    groups: 0,
    attended: cut.early.map((e) => e.seen ?? 0),
    gain: 0,
    before: undefined,
  };
  // What ended at a place, in the order in which it ended: to wait there costs nothing.
  const at = new Map<string, Ended[]>([[start.placeId, [{ label: begin, most: rest(begin.end) }]]]);
  let best = begin;
  let givenUp = 0;
  let steps = 0;
  const promise = (label: Label): number => label.value + rest(label.end);
  for (const stretch of cut.stretches) {
    const found: Label[] = [];
    for (const [placeId, labels] of at) {
      const walk = placeId === stretch.placeId ? 0 : (input.metres(placeId, stretch.placeId) / pace) * 1000;
      const by = placeId === stretch.placeId ? stretch.standBy : stretch.arriveBy;
      let handed = 0;
      for (let i = labels.length - 1; i >= 0; i--) {
        const { label, most } = labels[i]!;
        if (label.end + walk > by) continue;
        if (handed >= kept) {
          givenUp = Math.max(givenUp, most);
          break;
        }
        if ((label.groups & stretch.group) !== 0) continue;
        handed++;
        steps += 1 + found.length;
        offer(found, stepTo(stretch, label, walk, by), cut);
      }
    }
    const mine = at.get(stretch.placeId) ?? [];
    found.sort((a, b) => b.value - a.value);
    for (const label of found.slice(kept)) givenUp = Math.max(givenUp, promise(label));
    for (const label of found.slice(0, kept)) {
      steps += mine.length;
      if (mine.some((other) => isDominated(label, other.label, cut))) continue;
      mine.push({ label, most: Math.max(mine.at(-1)?.most ?? 0, promise(label)) });
      if (isBetter(label, best)) best = label;
    }
    at.set(stretch.placeId, mine);
    if (kept === Infinity && steps > MOST_STEPS) return undefined;
  }
  return { best, givenUp };
}

function stepTo(stretch: Stretch, label: Label, walk: number, by: number): Label {
  const { early } = stretch;
  const gain = gainOf(stretch, early < 0 ? 0 : label.attended[early]!);
  return {
    stretch,
    placeId: stretch.placeId,
    end: stretch.until,
    value: label.value + gain,
    // Who stays is late for nothing.
    slack: label.placeId === stretch.placeId ? label.slack : Math.min(label.slack, by - label.end - walk),
    walked: label.walked + walk,
    groups: label.groups | stretch.group,
    attended:
      early < 0
        ? label.attended
        : label.attended.with(early, Math.min(1, label.attended[early]! + stretch.share)),
    gain,
    before: label,
  };
}

const isBetter = (a: Label, b: Label): boolean => {
  if (Math.abs(a.value - b.value) > EPSILON) return a.value > b.value;
  if (Math.abs(a.slack - b.slack) > EPSILON) return a.slack > b.slack;
  return a.walked < b.walked;
};

/** Whether another label at the same place, which ended no later, makes one useless. */
function isDominated(label: Label, other: Label, { early }: Cut): boolean {
  if (other.end > label.end || (other.groups & ~label.groups) !== 0) return false;
  let behind = 0;
  early.forEach((event, i) => {
    const [mine, theirs] = [label.attended[i]!, other.attended[i]!];
    // What the other has had of it already adds less when it goes there again.
    if (theirs > mine && event.until > label.end)
      behind += mostOf(event) * (worthOfShare("early", theirs) - worthOfShare("early", mine));
  });
  const ahead = other.value - behind - label.value;
  if (Math.abs(ahead) > EPSILON) return ahead > 0;
  return other.slack >= label.slack && (other.slack > label.slack || other.walked <= label.walked);
}

const mostOf = ({ value, alternatives }: Event): number =>
  value * Math.max(0, ...alternatives.map((a) => a.worth));

/** Puts a label among those of a stretch, unless one of them makes it useless; those that it makes useless go. */
function offer(found: Label[], label: Label, cut: Cut): void {
  if (found.some((other) => isDominated(label, other, cut))) return;
  for (let i = found.length - 1; i >= 0; i--) if (isDominated(found[i]!, label, cut)) found.splice(i, 1);
  found.push(label);
}

/** The stays of a label: stretches of one event from one place that follow one another are one. */
function visitsOf({ start, metres, pace }: ScheduleInput, end: Label): Visit[] {
  const chain: Label[] = [];
  for (let label: Label | undefined = end; label?.stretch; label = label.before) chain.unshift(label);
  const visits: Visit[] = [];
  for (const { stretch, before, gain } of chain) {
    const { event, placeId, from, until } = stretch!;
    const last = visits.at(-1);
    const share = gain / event.value;
    if (last?.eventId === event.id && last.placeId === placeId && last.until === from) {
      visits[visits.length - 1] = { ...last, until, value: last.value + gain, share: last.share + share };
      continue;
    }
    const stays = before!.placeId === placeId;
    const walk = stays ? 0 : (metres(before!.placeId, placeId) / pace) * 1000;
    const by = stays ? stretch!.standBy : stretch!.arriveBy;
    const leave = before?.stretch ? before.end : start.at;
    visits.push({
      eventId: event.id,
      placeId,
      leave: by - walk,
      arrive: leave + walk,
      ready: Math.max(from === event.from ? inPlaceBy(event) : from, leave + walk),
      from,
      until,
      slack: by - leave - walk,
      value: gain,
      share,
    });
  }
  return visits;
}

function lostOf(input: ScheduleInput, { stretches }: Cut, visits: readonly Visit[]): Lost[] {
  const covered = new Set(visits.map((v) => v.eventId));
  const groups = new Set(input.events.filter((e) => covered.has(e.id) && e.group).map((e) => e.group!));
  const { start, metres, pace } = input;
  const isOutOfReach = ({ placeId, arriveBy, standBy }: Stretch): boolean =>
    placeId === start.placeId
      ? start.at > standBy
      : start.at + (metres(start.placeId, placeId) / pace) * 1000 > arriveBy;
  return input.events
    .filter((e) => !covered.has(e.id))
    .map((event) => {
      const own = stretches.filter((s) => s.event === event);
      const reason: Lost["reason"] =
        event.group && groups.has(event.group)
          ? "had-already"
          : own.length === 0
            ? "no-place"
            : event.until <= start.at
              ? "over"
              : own.every(isOutOfReach)
                ? "cannot-reach"
                : "worth-less";
      return { eventId: event.id, value: reason === "had-already" ? 0 : mostOf(event), reason };
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
