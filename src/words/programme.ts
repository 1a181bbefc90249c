import type { Area, Official } from "@/core/ground";
import type { Coverage, Price } from "@/core/schedule";
import { countWords, minutesWords } from "./format";
import { officialsDo } from "./standing";
import { numberWords } from "./number";

/** When an event is, how long, where, how late. */
export function eventDetail(event: {
  readonly minutes: number;
  readonly where: string;
  readonly late?: number;
  readonly who?: string;
  readonly result?: string;
}): string {
  const { minutes, where, late = 0, who, result } = event;
  return [
    `${minutes} min`,
    where,
    late === 0 ? "" : `${Math.abs(late)} min ${late > 0 ? "late" : "early"}`,
    result ? `result: ${result}` : (who ?? ""),
  ]
    .filter(Boolean)
    .join(" · ");
}

const LOST: Readonly<Record<Coverage["lost"][number]["reason"], string>> = {
  "no-place": "nowhere to take it from, or not told where it is",
  over: "over already",
  "cannot-reach": "too far to be there in time",
  "worth-less": "it clashes with what is worth more",
  "had-already": "the same is had already",
};
export const lostWords = (reason: Coverage["lost"][number]["reason"]): string => LOST[reason];

/** What an event that lost would cost. */
export function priceWords({ insteadOf }: Price, nameOf: (id: string) => string): string {
  const named = insteadOf.slice(0, 2).map(nameOf).join(" and ");
  const more = insteadOf.length - 2;
  if (insteadOf.length === 0) return "nothing is lost for it";
  return `it instead costs ${named}${more > 0 ? ` and ${more} more` : ""}`;
}

/** How much is had, whole and in part, and whether more could be. What is left out is as many as have a row. */
export function coverageVerdict({ visits, lost, value, all, method, bound }: Coverage): string {
  const shares = new Map<string, number>();
  for (const { eventId, share } of visits) shares.set(eventId, (shares.get(eventId) ?? 0) + share);
  const inPart = visits.filter(
    (v, i) => v.partly && visits.findIndex((o) => o.eventId === v.eventId) === i,
  ).length;
  const percent = (part: number): number => (all > 0 ? Math.round((100 * part) / all) : 100);
  return `${countWords(shares.size, "event")} covered${inPart > 0 ? `, ${inPart} of them in part` : ""}, ${percent(value)} % of what the day is worth${
    lost.length > 0 ? `; ${lost.length} left out` : ""
  }. ${
    method === "exact"
      ? inPart > 0
        ? "By pieces of ten minutes no other order gets more."
        : "No other order gets more."
      : `Not exact: no order gets more than ${percent(bound)} %.`
  }`;
}

/** A stay at a part of an event: "a part of it, until 13:22". */
export const stayWords = (until: string): string => `a part of it, until ${until}`;

/** The chance of being in time: "in time 9 days of 10"; nothing where it is as good as sure. */
export function inTimeWords(chance: number): string {
  const tenths = Math.round(10 * chance);
  return tenths >= 10 ? "" : `in time ${tenths === 0 ? "hardly ever" : `${tenths} days of 10`}`;
}

const CALLS = ["first", "second", "third"] as const;

/** What is called: "Second call: 100 m heats." 0 is the time to leave. */
export const callWords = (number: number, name: string): string =>
  number === 0
    ? `Leave now for ${name}.`
    : `${CALLS[number - 1]!.replace(/^./, (c) => c.toUpperCase())} call: ${name}.`;

/** The next call of an event, both in epoch milliseconds: "second call in 6 min"; undefined once all are over. */
export function nextCallWords(called: readonly number[], at: number): string | undefined {
  const i = called.findIndex((c) => c > at);
  return i < 0 ? undefined : `${CALLS[i]} call in ${minutesWords((called[i]! - at) / 1000)}`;
}

/** A way on foot: "84 m, 1 min". */
export const wayWords = (metres: number, seconds: number): string =>
  `${Math.round(metres)}\u00a0m, ${minutesWords(seconds)}`;

/** How an order differs from the one before it. */
export function orderChangeWords(kind: "new" | "gone" | "elsewhere", name: string, place: string): string {
  if (kind === "gone") return `No longer: ${name}.`;
  return kind === "new" ? `New: ${name}, from ${place}.` : `${name} from ${place} now.`;
}

/** Why no walk leads from one place to another. */
export const noWalkWords = (why: "needs-leave" | "inside-obstacle" | "no-way"): string =>
  why === "needs-leave" ? "leave first" : "no way there";

/** What leads over what is in use, and who opens it: "over “Crossing”, once the stewards open it". */
export const crossingsWords = (over: readonly Pick<Area, "name">[], official: Official): string =>
  `over ${over.map(({ name }) => `“${name}”`).join(" and ")}, once ${officialsDo(official, "open", "opens")} it`;

/** How long it takes to walk somewhere, and what is to spare. */
export const walkWords = (metres: number, seconds: number, slackMinutes: number): string =>
  metres === 0
    ? `stay; ${numberWords(slackMinutes, 0)} min to spare`
    : `${wayWords(metres, seconds)}; ${numberWords(slackMinutes, 0)} min to spare`;

/** "12 events 10 min later". */
export const everythingLaterWords = (count: number, minutes: number): string =>
  `${countWords(count, "event")} ${minutes} min later`;

/** "Long jump men 20 min later, 2 more with it". */
export const laterWords = (name: string, minutes: number, others: number): string =>
  `${name} ${minutes} min later${others > 0 ? `, ${others} more with it` : ""}`;

/** Names told one by one before the rest is counted. */
const MOST_HELD = 4;

/** What waits for an event that is late: "It holds up Long jump women and Triple jump men; a pause takes up what it can." */
export function heldUpWords(names: readonly string[]): string {
  if (names.length === 0) return "Nothing waits for it: it moves alone.";
  const told = names.slice(0, MOST_HELD);
  const rest = names.length - told.length;
  const list =
    rest > 0 ? `${told.join(", ")} and ${rest} more` : told.join(", ").replace(/, ([^,]*)$/, " and $1");
  return `It holds up ${list}, as far as the pauses between them do not take it up.`;
}

/** When what is worth waiting for is: "The last round from 13:51." */
export const momentWords = (
  { name, from, until }: { readonly name: string; readonly from: number; readonly until: number },
  at: number,
  wall: (at: number) => string,
): string => (at < from ? `${name} from ${wall(from)}.` : `${name} until ${wall(until)}.`);

/** Pictures worth having of a kind of event. */
export const worthHavingWords = (pictures: readonly string[]): string =>
  `Worth having: ${pictures.join("; ")}.`;

/** The moments that a stay has: "it has the first three rounds". */
export const hasWords = (names: readonly string[]): string =>
  names.length === 0 ? "" : `it has: ${names.join(", ").toLowerCase()}`;
