import type { PartWorth } from "./part-worth";

/** One way of covering an event: from where, and what share of its value that gives. */
export interface Alternative {
  readonly placeId: string;
  /** 0 … 1 of the event's value. */
  readonly worth: number;
}

/** Something to be photographed at a fixed time. */
export interface Event {
  readonly id: string;
  /** Epoch milliseconds: it begins and ends. */
  readonly from: number;
  /** Epoch milliseconds of its end. */
  readonly until: number;
  /** Instants of the calls; one is in place by the second (common practice). */
  readonly calls?: readonly number[];
  /** Milliseconds needed in place before it, for tripod, test shot, focus. */
  readonly setUp: number;
  /** What it is worth to have it, above 0. */
  readonly value: number;
  /** How much of it one has who does not stay for the whole; all or nothing while it is left out, and for one of a group. */
  readonly partly?: PartWorth;
  /** Rounds of attempts in which it goes, 1 or more, where they are known: what is had in part is had by whole rounds. */
  readonly rounds?: number;
  /** The share of it that was seen already, 0 to 1. */
  readonly seen?: number;
  /** Events of one group show the same thing, a heat and its repeat: one of them is enough. */
  readonly group?: string;
  readonly alternatives: readonly Alternative[];
}

export interface ScheduleInput {
  readonly events: readonly Event[];
  /** Where and when the day, or what is left of it, begins. */
  readonly start: { readonly placeId: string; readonly at: number };
  /** Metres on foot between two places; Infinity where there is no way. */
  readonly metres: (from: string, to: string) => number;
  /** Walking pace with the bag in m/s, above 0; 1.2 is usual (common practice). */
  readonly pace: number;
}

/** A stay at one event, of which there may be several with others between, with the times that follow. */
export interface Visit {
  readonly eventId: string;
  readonly placeId: string;
  /** Leave the last place by then at the latest, arrive, be ready. */
  readonly leave: number;
  /** Epoch milliseconds of being there. */
  readonly arrive: number;
  /** Epoch milliseconds of being ready. */
  readonly ready: number;
  /** Epoch milliseconds from which it is attended: its beginning, or later. */
  readonly from: number;
  /** Epoch milliseconds until which one stays: its end, or earlier. */
  readonly until: number;
  /** Milliseconds to spare before one has to be ready. */
  readonly slack: number;
  /** What it is worth, above 0. */
  readonly value: number;
  /** The share of its event's value that this stay gives, above 0, to 1. */
  readonly share: number;
}

/** An event that is left out, and why. */
export interface Lost {
  readonly eventId: string;
  /** What it would have been worth, above 0. */
  readonly value: number;
  readonly reason: "no-place" | "over" | "cannot-reach" | "worth-less" | "had-already";
}

export interface Schedule {
  readonly visits: readonly Visit[];
  /** What the stays are worth together. */
  readonly value: number;
  readonly lost: readonly Lost[];
  /** What is left out is worth. */
  readonly valueLost: number;
  /** What everything would be worth, one of each group: what is had, in part or whole, and what is not. */
  readonly all: number;
  /** "exact", or "bounded": then no schedule can be worth more than `bound`. */
  readonly method: "exact" | "bounded";
  /** What no schedule can exceed; the value itself when exact. */
  readonly bound: number;
}
