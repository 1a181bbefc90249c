import { LIMITS, type Outing, type Person, type Tag } from "@/data";
import { foundIn } from "../people/found-in";
import { entriesOf } from "../people/entries";
import { nameMarked } from "../people/refused";
import { timedProgramme, type TimedEvent } from "../programme/event-times";

/** Milliseconds before its start and after its end in which a press still speaks of an event (assumed). */
const AROUND = 2 * 60_000;

/** The event that a press speaks of: the one that is on, else the one that has just ended or is about to begin. */
export function eventAt(outing: Outing, at: number): TimedEvent | undefined {
  const distance = ({ starts, ends }: TimedEvent): number => Math.max(starts - at, at - ends, 0);
  const [nearest] = timedProgramme(outing)
    .filter((e) => distance(e) <= AROUND)
    .toSorted((a, b) => distance(a) - distance(b) || b.starts - a.starts);
  return nearest;
}

/** Lanes that can be pressed at an event: those of its list, else one to eight. */
export function lanesOf(event: TimedEvent | undefined): readonly string[] {
  const listed = entriesOf(event?.who).flatMap((e) => e.lane ?? []);
  return listed.length > 0 ? listed : ["1", "2", "3", "4", "5", "6", "7", "8"];
}

/** Caps and shirts that can be pressed: those of the event's list and of one's people, else the usual ones (common practice). */
export function coloursOf(event: TimedEvent | undefined, people: readonly Person[]): readonly string[] {
  const listed = entriesOf(event?.who).flatMap((e) => e.colour ?? []);
  const known = [...new Set([...listed, ...people.flatMap((p) => p.colour ?? [])])];
  return known.length > 0 ? known : ["red", "blue", "white", "yellow", "green", "black"];
}

/** Whom a lane means at an event: by its list, else by one's people. */
export function namesOfLane(
  lane: string,
  event: TimedEvent | undefined,
  people: readonly Person[],
): string[] {
  const listed = entriesOf(event?.who).filter((e) => e.lane === lane);
  if (listed.length > 0) return listed.map((e) => e.name);
  return people.filter((p) => p.lane === lane).map((p) => p.name);
}

/** Whom a cap or a shirt means at an event: by its list, else by one's people. */
export function namesOfColour(
  colour: string,
  event: TimedEvent | undefined,
  people: readonly Person[],
): string[] {
  const isIt = (e: { readonly colour?: string }): boolean => e.colour?.toLowerCase() === colour.toLowerCase();
  const listed = entriesOf(event?.who).filter(isIt);
  return (listed.length > 0 ? listed : people.filter(isIt)).map((p) => p.name);
}

/** Everybody in an event: its list, and one's people who are in it by hand or by number. */
export function namesIn(event: TimedEvent, people: readonly Person[]): string[] {
  const listed = entriesOf(event.who).map((e) => e.name);
  const text = `${event.name}; ${event.who ?? ""}`;
  const own = people
    .filter((p) => p.eventIds?.includes(event.id) || foundIn(p, text))
    .map((p) => p.name)
    .filter((name) => !listed.some((other) => foundIn({ name }, other)));
  return [...listed, ...own].slice(0, LIMITS.people);
}

/** Which of one's people are in an event, by its list, by hand or by number. */
export function peopleIn(event: TimedEvent, people: readonly Person[]): Person[] {
  const here = namesIn(event, people);
  return people.filter((p) => here.some((name) => foundIn(p, name)));
}

/** One's people, those of the event first. */
export function peopleFor(event: TimedEvent | undefined, people: readonly Person[]): Person[] {
  const here = event ? peopleIn(event, people) : [];
  return people.toSorted((a, b) => Number(here.includes(b)) - Number(here.includes(a)));
}

/** What is common to every tag: its time, the event, the shot. Ids are of the time, with what keeps two of one instant apart. */
export const tagAt = (
  at: number,
  salt: number,
  event: TimedEvent | undefined,
  shotId: string,
): Pick<Tag, "id" | "at" | "eventId" | "shotId"> => ({
  id: `${Math.round(at).toString(36)}-${Math.floor(salt * 36 ** 4).toString(36)}`,
  at: Math.round(at),
  shotId,
  ...(event && { eventId: event.id }),
});

const HEADS = ["time", "kind", "names", "words", "event", "shot", "began", "seconds"];

/** Tags as the rows of a table, the heads first; times as ISO instants. */
export function rowsOfTags(tags: readonly Tag[], outing: Outing): string[][] {
  const nameIn = (items: readonly { id: string; name: string }[] = [], id = ""): string =>
    items.find((i) => i.id === id)?.name ?? "";
  return [
    HEADS,
    ...tags.map((t) => [
      new Date(t.at).toISOString(),
      t.kind,
      t.names.map((name) => nameMarked(name, outing.people)).join("; "),
      t.words ?? "",
      nameIn(outing.programme, t.eventId),
      nameIn(outing.shots, t.shotId),
      t.from === undefined ? "" : new Date(t.from).toISOString(),
      t.seconds === undefined ? "" : String(t.seconds),
    ]),
  ];
}
