import type { Moment } from "@/core/catalogue";
import type { TimedEvent } from "./event-times";
import { kindOfEvent } from "./kinds";

/** A part of an event that is worth waiting for, epoch milliseconds. */
export interface TimedMoment {
  readonly name: string;
  readonly from: number;
  readonly until: number;
}

/** Rounds after which most of a contest is had (common practice). */
const FIRST_ROUNDS = 3;

/** Rounds that are counted say themselves which are worth waiting for. */
const ofRounds = (rounds: number): readonly Moment[] => [
  {
    name: `Rounds 1 to ${Math.min(FIRST_ROUNDS, rounds - 1)}`,
    from: 0,
    until: Math.min(FIRST_ROUNDS, rounds - 1) / rounds,
  },
  { name: `The last of ${rounds} rounds`, from: (rounds - 1) / rounds, until: 1 },
];

/** What of an event is worth waiting for and when, by its kind and its rounds, in rising order. */
export function momentsOf(event: TimedEvent): TimedMoment[] {
  const { starts, ends, rounds = 0 } = event;
  const moments = rounds > 1 ? ofRounds(rounds) : (kindOfEvent(event)?.moments ?? []);
  return moments.map(({ name, from, until }) => ({
    name,
    from: starts + from * (ends - starts),
    until: starts + until * (ends - starts),
  }));
}

const MINUTE = 60_000;
/** Of an event that is shorter nobody waits for a part: one is there for all of it. */
const WAITED_FOR = 20 * MINUTE;

/** The moment of a long event that is on at an instant, else the next one; nothing once all are over. */
export const nextMoment = (event: TimedEvent, at: number): TimedMoment | undefined =>
  event.ends - event.starts < WAITED_FOR ? undefined : momentsOf(event).find((m) => m.until > at);

/** The moments that lie within a stay, to a minute. */
export const momentsWithin = (event: TimedEvent, from: number, until: number): TimedMoment[] =>
  momentsOf(event).filter((m) => m.from >= from - MINUTE && m.until <= until + MINUTE);
