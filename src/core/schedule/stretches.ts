import { LEAST_STAY, shareBetween, worthOfShare } from "./part-worth";
import type { Event, ScheduleInput } from "./plan";

/** A stretch of an event from one place: the whole, or a piece of one that can be had in part. */
export interface Stretch {
  readonly event: Event;
  readonly placeId: string;
  /** Of its event's value from that place, 0 … 1. */
  readonly worth: number;
  /** Epoch milliseconds. */
  readonly from: number;
  /** Epoch milliseconds. */
  readonly until: number;
  /** Epoch milliseconds by which one has to be there who comes from elsewhere. */
  readonly arriveBy: number;
  /** Epoch milliseconds from which one has to be free who stands there already. */
  readonly standBy: number;
  /** What it adds to the share of the event that was attended. */
  readonly share: number;
  /** Bit of its group among the groups that matter, 0 for none. */
  readonly group: number;
  /** Its event's place among those whose worth hangs on what was attended before, −1 for none. */
  readonly early: number;
}

/** A day cut into stretches, in the order in which they end. */
export interface Cut {
  readonly stretches: readonly Stretch[];
  /** Events whose worth hangs on what was attended before, by their place in a label. */
  readonly early: readonly Event[];
}

const MINUTE = 60_000;
/** Pieces of one event at the most. */
const MOST_PIECES = 8;
/** Groups that can be told apart in one number. */
const MOST_GROUPS = 30;

/** In place by the second call, or by the beginning where there are fewer calls (common practice). */
export const inPlaceBy = ({ calls, from }: Pick<Event, "calls" | "from">): number =>
  calls && calls.length >= 2 ? Math.min(calls[1]!, from) : from;

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

/** Whether an event can be had in part: by its kind, and where nothing else shows the same. */
export const isPartly = ({ partly = "whole", group }: Event): boolean => partly !== "whole" && !group;

/** The share of an event that is over at an instant, 0 to 1. */
export const overAt = ({ from, until }: Event, at: number): number =>
  Math.min(1, Math.max(0, (at - from) / Math.max(1, until - from)));

/** Equal pieces of a stretch of time, in rising order. */
const equalPieces = (
  from: number,
  until: number,
  count: number,
): (readonly [from: number, until: number])[] =>
  Array.from({ length: count }, (_, i) => [
    from + ((until - from) * i) / count,
    from + ((until - from) * (i + 1)) / count,
  ]);

/** The pieces of a contest by whole rounds, so many together that a piece is worth a stay; the last takes what is left over. */
function roundPieces({ from, until }: Event, rounds: number): (readonly [from: number, until: number])[] {
  const round = (until - from) / rounds;
  const together = Math.max(1, Math.ceil((LEAST_STAY * MINUTE) / round), Math.ceil(rounds / MOST_PIECES));
  const count = Math.max(1, Math.floor(rounds / together));
  return Array.from({ length: count }, (_, i) => [
    from + i * together * round,
    i === count - 1 ? until : from + (i + 1) * together * round,
  ]);
}

/** The pieces of an event from an instant on, as instants; one piece for what is had whole or not at all. */
function piecesOf(event: Event, at: number): (readonly [from: number, until: number])[] {
  const { until, rounds } = event;
  if (!isPartly(event)) return [[event.from, until]];
  const from = Math.max(event.from, Math.min(at, until));
  if (rounds && until > event.from) {
    const left = roundPieces(event, rounds).filter(([, end]) => end > from);
    if (left.length > 0) return left.map(([begin, end]) => [Math.max(begin, from), end] as const);
  }
  return equalPieces(
    from,
    until,
    Math.max(1, Math.min(MOST_PIECES, Math.floor((until - from) / (LEAST_STAY * MINUTE)))),
  );
}

/** Cuts the day, or what is left of it, into stretches. */
export function cutOf({ events, start }: ScheduleInput): Cut {
  const groups = repeatedGroups(events).slice(0, MOST_GROUPS);
  const early = events.filter((e) => e.partly === "early" && !e.group && piecesOf(e, start.at).length > 1);
  const stretches = events.flatMap((event) => {
    const pieces = piecesOf(event, start.at);
    const isWhole = pieces.length === 1;
    const bit = groups.indexOf(groupOf(event) ?? "");
    return pieces.flatMap(([from, until], i) =>
      event.alternatives
        .filter(({ worth }) => event.value * worth > 0)
        .map(({ placeId, worth }): Stretch => {
          const by = i === 0 && from === event.from ? inPlaceBy(event) : from;
          return {
            event,
            placeId,
            worth,
            from,
            until,
            arriveBy: by - event.setUp,
            standBy: Math.max(by - event.setUp, from),
            share:
              isWhole && from === event.from
                ? 1
                : shareBetween(event.partly ?? "whole", overAt(event, from), overAt(event, until)),
            group: bit < 0 ? 0 : 2 ** bit,
            early: early.indexOf(event),
          };
        }),
    );
  });
  return {
    stretches: stretches.sort((a, b) => a.until - b.until || a.from - b.from || a.arriveBy - b.arriveBy),
    early,
  };
}

/** What a stretch adds to what is had, in value, after a share of its event that was attended before. */
export const gainOf = ({ event, worth, share }: Stretch, before: number): number => {
  const { partly = "whole" } = event;
  if (share >= 1) return event.value * worth;
  return event.value * worth * (worthOfShare(partly, before + share) - worthOfShare(partly, before));
};
