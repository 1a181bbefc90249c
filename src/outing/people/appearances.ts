import type { Outing, Person } from "@/data";
import { timedProgramme, type TimedEvent } from "../programme/event-times";
import { isLaterRound } from "../programme/rounds";
import { foundIn } from "./found-in";

/** Somebody in an event, and how that is known. */
export interface Appearance {
  readonly person: Person;
  readonly event: TimedEvent;
  /** The lane or start place that the list gives them there, else their own. */
  readonly lane?: string;
  readonly by: "name" | "number" | "hand" | "earlier-round";
}

/** Everybody's appearances in the order of the programme; a later round only as what may come of an earlier one. */
export function appearances(outing: Outing): Appearance[] {
  const events = timedProgramme(outing);
  return (outing.people ?? [])
    .flatMap((person) => {
      const own = events.flatMap((event): Appearance[] => {
        const found = foundIn(person, `${event.name} ; ${event.who ?? ""}`);
        const by = found?.by ?? (person.eventIds?.includes(event.id) ? "hand" : undefined);
        const lane = found?.lane ?? person.lane;
        return by ? [{ person, event, by, ...(lane && { lane }) }] : [];
      });
      // A list that names who is in a later round says it better.
      const later = events
        .filter((event) => !event.who && !own.some((a) => a.event.id === event.id))
        .filter((event) => own.some((a) => isLaterRound(event.name, a.event.name)))
        .map((event): Appearance => ({ person, event, by: "earlier-round" }));
      return [...own, ...later];
    })
    .toSorted((a, b) => a.event.starts - b.event.starts);
}

/** What a person is in next: it is on, or still to come. */
export const nextOf = (all: readonly Appearance[], personId: string, at: number): Appearance | undefined =>
  all.find((a) => a.person.id === personId && a.event.ends > at);
