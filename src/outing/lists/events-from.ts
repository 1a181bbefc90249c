import { eventKindOf, roundsIn, usualMinutes } from "@/core/catalogue";
import { idFromName, type Outing, type ProgrammeEvent } from "@/data";
import { placesOf, type EventPlace } from "../programme/event-places";
import { placeOfKind } from "../programme/kinds";
import { entriesOf } from "../people/entries";
import { callsFor, NO_CALLS, type CallsTold } from "./calls";
import { MOST_MINUTES, type EventDraft } from "./drafts";

/** Minutes of an event whose length nobody told and whose kind nobody knows (assumed). */
const USUAL_MINUTES = 5;
const USUAL_SET_UP = 3;

/** What is said once for a whole list. */
export interface ForAll {
  /** Where what names no place of the ground takes place. */
  readonly elsewhere?: EventPlace | null;
  /** The calls of events that tell none. */
  readonly calls?: CallsTold;
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, " ")
    .trim();

/** The place that a list means: of that name, else the only one in whose name it stands as whole words. */
export function placeNamed(ground: Outing["ground"], where = ""): EventPlace | null {
  const wanted = plain(where);
  if (wanted === "") return null;
  const places = placesOf(ground).map((place) => ({ place, name: plain(place.name) }));
  const exact = places.find((p) => p.name === wanted);
  const within = places.filter((p) => ` ${p.name} `.includes(` ${wanted} `));
  const found = exact ?? (within.length === 1 ? within[0] : undefined);
  return found ? { sort: found.place.sort, id: found.place.id } : null;
}

/** Rounds of attempts of a draft, and the minutes that it lasts: as the list tells them, else as is usual. */
export function lengthOf({
  name,
  minutes,
  rounds,
  who,
}: Pick<EventDraft, "name" | "minutes" | "rounds" | "who">): {
  readonly minutes: number;
  readonly rounds?: number;
} {
  const kind = eventKindOf(name);
  const told = kind?.contest === "attempts" ? (rounds ?? roundsIn(name)) : undefined;
  const counted = { rounds: told, entries: entriesOf(who).length };
  return {
    minutes: minutes ?? Math.min(MOST_MINUTES, usualMinutes(name, kind, counted) ?? USUAL_MINUTES),
    ...(told && { rounds: told }),
  };
}

/**
 * Drafts as events of an outing: each with an id of its own, at the place that the list names, else where its kind is met on this ground, else at
 * `elsewhere`; as long as the list says, else as its kind usually lasts. What is in the programme already, of the same name, time and place,
 * does not come again.
 */
export function eventsFrom(
  drafts: readonly EventDraft[],
  outing: Pick<Outing, "ground" | "shots" | "programme">,
  { elsewhere = null, calls = NO_CALLS }: ForAll = {},
): ProgrammeEvent[] {
  const { programme = [] } = outing;
  const events: ProgrammeEvent[] = [];
  for (const { where, line: _, doubts: __, rounds, ...draft } of drafts) {
    const kind = eventKindOf(draft.name);
    const place = placeNamed(outing.ground, where) ?? placeOfKind(outing, kind) ?? elsewhere;
    const event: ProgrammeEvent = {
      ...draft,
      id: idFromName(draft.name, [...programme, ...events], "event"),
      ...lengthOf({ ...draft, rounds }),
      place,
      priority: draft.priority ?? 2,
      calls: [...(draft.calls ?? callsFor(calls, kind))],
      setUp: draft.setUp ?? USUAL_SET_UP,
      ...(kind?.idle && { wish: "excluded" as const }),
    };
    if (!programme.some((other) => isSame(other, event))) events.push(event);
  }
  return events;
}

function isSame(a: ProgrammeEvent, b: ProgrammeEvent): boolean {
  const where = (e: ProgrammeEvent): string => (e.place ? `${e.place.sort} ${e.place.id}` : "");
  return a.name === b.name && a.at === b.at && (a.day ?? 0) === (b.day ?? 0) && where(a) === where(b);
}
