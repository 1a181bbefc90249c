import type { ProgrammeEvent } from "@/data";

/** What was guessed of an event, and is told before it is taken in. */
export type Doubt =
  /** A time written without its half of the day, read as the afternoon since it follows the forenoon. */
  | "afternoon"
  /** It has no time of its own: it follows the one before it. */
  | "follows"
  /** Its time stands amid other words. */
  | "amid"
  /** The list leaves open which of several days is meant; the first is taken. */
  | "which-day";

/** An event as a list tells it, before it is taken in. */
export type EventDraft = Pick<ProgrammeEvent, "name" | "at"> &
  Partial<
    Pick<ProgrammeEvent, "minutes" | "who" | "group" | "priority" | "calls" | "day" | "setUp" | "rounds">
  > & {
    /** Where, as the list writes it. */
    readonly where?: string;
    /** The line of the list that it stands in, from 1. */
    readonly line: number;
    readonly doubts?: readonly Doubt[];
  };

/** Why a line was refused. */
export type LineFault =
  | "no-time"
  | "no-name"
  | "bad-time"
  | "several-times"
  | "bad-day"
  | "bad-length"
  | "bad-priority"
  | "bad-calls"
  | "bad-set-up"
  | "no-columns";

/** A line that was refused, or passed over as no event. */
export interface OtherLine {
  /** Counted from 1. */
  readonly line: number;
  readonly text: string;
}
export interface RefusedLine extends OtherLine {
  readonly fault: LineFault;
}

export interface ReadList {
  readonly events: readonly EventDraft[];
  readonly refused: readonly RefusedLine[];
  /** Titles, notes and what else is no event; nothing of them is taken in. */
  readonly passed: readonly OtherLine[];
}

export const MOST_NAME = 60;
export const MOST_WHO = 600;
export const MOST_MINUTES = 1440;
export const MOST_SET_UP = 240;
