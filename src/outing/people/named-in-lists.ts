import { idFromName, type Outing, type Person } from "@/data";
import { foundIn } from "./found-in";
import { entriesOf } from "./entries";

/** Somebody by name, with what else is known of them. */
export type Named = Pick<Person, "name" | "club" | "colour" | "breathes" | "takeOff" | "hand">;

/**
 * Everybody whom the programme names and who is none of one's people yet, by name, with the club.
 */
export function namedInLists({ programme = [], people = [] }: Pick<Outing, "programme" | "people">): Named[] {
  const named = new Map<string, Named>();
  for (const { lane: _, ...entry } of programme.flatMap((e) => entriesOf(e.who)))
    if (!people.some((p) => foundIn({ name: p.name }, entry.name))) named.set(entry.name, entry);
  return [...named.values()].toSorted((a, b) => a.name.localeCompare(b.name));
}

/** Named ones as people of the outing, each with an id of its own; nobody was asked for consent yet. */
export function peopleFrom(named: readonly Named[], taken: readonly Person[]): Person[] {
  const people: Person[] = [];
  for (const one of named)
    people.push({ ...one, id: idFromName(one.name, [...taken, ...people], "person"), consent: "not-asked" });
  return people;
}
