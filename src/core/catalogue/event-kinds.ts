import { ROWS, type EventKind } from "./event-kind-rows";

export type { EventKind, Moment } from "./event-kind-rows";

/** Every kind, the more particular first. */
export const EVENT_KINDS: readonly EventKind[] = Object.freeze(
  ROWS.map(({ subjects = "", follows = false, ...row }) => ({
    ...row,
    follows,
    subjects: subjects.split(" ").filter(Boolean),
  })),
);

/** The kind of an event by its name; undefined where no word of it is known. */
export const eventKindOf = (name: string): EventKind | undefined =>
  EVENT_KINDS.find((k) => k.words.test(name));

/** Minutes of a distance, swum or run, up to so many metres (from memory: what a club race takes with its start). */
const DISTANCES: Readonly<Record<string, readonly (readonly [metres: number, minutes: number])[]>> = {
  swim: [
    [50, 3],
    [100, 4],
    [200, 5],
    [400, 8],
    [800, 14],
    [1500, 24],
  ],
  distance: [
    [1000, 6],
    [1600, 8],
    [2000, 10],
    [3000, 14],
    [5000, 22],
    [10_000, 40],
  ],
};
/** Heats that "heats" stands for where none is counted (assumed), and what a final takes against a heat (common practice: 10 to 5). */
const HEATS = 3;
const FINAL = 2;

/** Attempts of a field event where nobody counts them: three, and three more for the best eight (common practice). */
const ATTEMPTS = 6;
/** Minutes of one attempt with the measuring after it (common practice). */
const EACH_ATTEMPT = 1;
const MOST_ROUNDS = 12;
const NUMBERS = ["two", "three", "four", "five", "six"];

/** Rounds of attempts that a text counts, "6 attempts", "four throws", "3+3", from 1 to 12; undefined where it counts none. */
export function roundsIn(text: string): number | undefined {
  const told = /\b(\d{1,2}|two|three|four|five|six)\s+(?:rounds|attempts|throws|jumps|trials|dives)\b/i.exec(
    text,
  )?.[1];
  const parts = /\b(\d)\s?\+\s?(\d)\b/.exec(text);
  const word = told ? NUMBERS.indexOf(told.toLowerCase()) : -1;
  const counted = word >= 0 ? word + 2 : Number(told);
  const rounds = told ? counted : parts ? Number(parts[1]) + Number(parts[2]) : NaN;
  return rounds >= 1 && rounds <= MOST_ROUNDS ? rounds : undefined;
}

/** What a list counts of an event: rounds of attempts, and how many are in it. */
export interface Counted {
  /** Rounds of attempts, 1 or more. */
  readonly rounds?: number;
  /** How many are in it, 0 or more. */
  readonly entries?: number;
}

/**
 * Minutes that an event usually lasts by its kind, its distance and its round; undefined where its kind is not known. A heat of 100 m 5, its
 * final 10, a heat that is swum 3 to 5; a minute for each attempt where attempts and entries are counted (common practice).
 */
export function usualMinutes(
  name: string,
  kind = eventKindOf(name),
  { rounds, entries = 0 }: Counted = {},
): number | undefined {
  if (!kind) return undefined;
  if (kind.contest === "attempts" && rounds)
    return entries > 0 ? EACH_ATTEMPT * rounds * entries : Math.round((kind.minutes * rounds) / ATTEMPTS);
  const metres = Number(/(\d[\d ]{1,6})\s?m\b/i.exec(name)?.[1]?.replace(/\s/g, "") ?? NaN);
  const byDistance = DISTANCES[kind.id]?.find(([most]) => metres <= most)?.[1];
  const one = byDistance ?? kind.minutes;
  if (kind.worth !== "whole") return one;
  if (/\bheats\b/i.test(name)) return one * HEATS;
  return kind.id === "sprint" && /\bfinals?\b/i.test(name) ? one * FINAL : one;
}
