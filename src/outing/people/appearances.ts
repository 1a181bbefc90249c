import type { Outing, Person } from "@/data";
import { timedProgramme, type TimedEvent } from "../programme/event-times";
import { isLaterRound } from "../programme/rounds";

/** Somebody in an event, and how that is known. */
export interface Appearance {
  readonly person: Person;
  readonly event: TimedEvent;
  /** The lane or start place that the list gives them there, else their own. */
  readonly lane?: string;
  readonly by: "name" | "number" | "hand" | "earlier-round";
}

/** Letters and figures in small letters without accents, a blank between words; what parts entries of a list stays. */
const plain = (text: string): string =>
  text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}#;\n]+/gu, " ")
    .replace(/ ?[;\n] ?/g, " ; ")
    .trim();

/** "Ida Roth" is also written "Roth, Ida". */
function waysToWrite(name: string): string[] {
  const parts = plain(name).split(" ");
  return parts.length < 2 ? parts : [parts.join(" "), [parts.at(-1), ...parts.slice(0, -1)].join(" ")];
}

/** Where whole words stand within others; −1 where they do not. */
const wordsAt = (within: string, words: string): number => ` ${within} `.indexOf(` ${words} `);

/** How a list names somebody in an event: by the name, or by the number after a # or “no”; the lane stands before the name. */
export function foundIn(
  { name, number }: Pick<Person, "name" | "number">,
  text: string,
): { readonly by: "name" | "number"; readonly lane?: string } | undefined {
  const list = plain(text);
  for (const written of waysToWrite(name)) {
    const at = wordsAt(list, written);
    if (at < 0) continue;
    const [, lane] = /(?:^| )(\d{1,2})(?: \p{L})?$/u.exec(list.slice(0, at).trim()) ?? [];
    return { by: "name", ...(lane && { lane }) };
  }
  const wanted = number && plain(number);
  const numbered =
    wanted && [`#${wanted}`, `no ${wanted}`, `number ${wanted}`].some((words) => wordsAt(list, words) >= 0);
  return numbered ? { by: "number" } : undefined;
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
