import { countWords } from "./format";

const FAULTS = {
  "no-time": "it has no time of a day; write 10:40 before or behind the name",
  "no-name": "it has no name",
  "bad-time": "its time is none of a day, or none of this outing",
  "several-times": "several times stand in it; write each on a line of its own",
  "bad-day": "its day is none of this outing; write 2, Day 2 or the date as 2026-10-18",
  "bad-set-up": "its set-up is no number of minutes up to 240",
  "bad-length": "its length is no number of minutes up to a day",
  "bad-priority": "its priority is none of 1, 2 and 3",
  "bad-calls": "its calls are not up to three numbers of minutes, as 30/20/10",
  "no-columns": "say which column holds the time and which the name",
} as const;

/** Why a line was refused, and what to do. */
export const faultWords = (fault: keyof typeof FAULTS): string => FAULTS[fault];

const DOUBTS = {
  afternoon: "read as the afternoon",
  follows: "no time of its own: it follows the one before",
  amid: "its time stands amid other words",
  "which-day": "the day is left open: the first is taken",
} as const;

/** What was guessed of an event. */
export const doubtWords = (doubt: keyof typeof DOUBTS): string => DOUBTS[doubt];

const ROLES = {
  skip: "Not needed",
  day: "Day or date",
  at: "Start",
  until: "End",
  stage: "Start of what the head says",
  name: "What it is",
  more: "What it is, continued",
  round: "Round",
  heat: "Heat",
  pool: "Pool or group",
  side: "One of two sides",
  minutes: "Length",
  where: "Where",
  lane: "Lane or number",
  person: "Who",
  with: "With whom: horse, dog, boat",
  club: "Club",
  cap: "Cap or shirt",
  crew: "Who, in the lane of the head",
  game: "What is on at the place of the head",
  group: "Shows the same as",
  priority: "Priority, 1 to 3",
  calls: "Calls",
  setUp: "Set up, minutes",
  rounds: "Rounds or attempts",
} as const;

/** What a column of a table holds. */
export const roleWords = (role: keyof typeof ROLES): string => ROLES[role];

/** How a list was taken: "A table of 6 columns: 12 events." */
export const shapeWords = (columns: number | undefined, events: number): string =>
  `${columns === undefined ? "A line each" : `A table of ${countWords(columns, "column")}`}: ${countWords(events, "event")} read.`;

/** What a start list says of the day: "12 events, 12:30 to 17:00: it fills the fields below." */
export const listBeginningWords = (list: {
  readonly events: number;
  readonly starts: string;
  readonly until: string;
}): string =>
  `${countWords(list.events, "event")}, ${list.starts} to ${list.until}: what the list says fills the fields below.`;

/** How the calls of a meeting are typed, and what is wrong with what cannot be read. */
export const CALLS_HINT =
  "As 30 and 15, for all; where they differ: 30 and 15; field 60, 45; none where it is left empty";
export const CALLS_FAULT =
  "Up to three numbers of minutes, as 30 and 15, and after a ; a kind of event with its own: pole vault 90";
