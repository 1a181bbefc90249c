import { idFromName, type Outing, type Person } from "@/data";
import { foundIn } from "./appearances";

/** Somebody by name, with what else is known of them. */
export type Named = Pick<Person, "name" | "club" | "colour" | "breathes" | "takeOff" | "hand">;

/**
 * Everybody whom the programme names and who is none of one's people yet, by name: "4 Ida Roth (Alder)" with the club. Entries are
 * parted by ; or lines.
 */
export function namedInLists({ programme = [], people = [] }: Pick<Outing, "programme" | "people">): Named[] {
  const named = new Map<string, Named>();
  for (const entry of programme.flatMap((e) => (e.who ?? "").split(/[;\n]/))) {
    const [, name = "", club] =
      /^\s*(?:lane\s*)?(?:\d{1,3}[.)]?\s+)?(.+?)\s*(?:\(([^()]*)\))?\s*$/iu.exec(entry) ?? [];
    if (!/\p{L}/u.test(name) || people.some((p) => foundIn({ name: p.name }, name))) continue;
    named.set(name.slice(0, 80), { name: name.slice(0, 80), ...(club && { club: club.slice(0, 80) }) });
  }
  return [...named.values()].toSorted((a, b) => a.name.localeCompare(b.name));
}

/** Named ones as people of the outing, each with an id of its own; nobody was asked for consent yet. */
export function peopleFrom(named: readonly Named[], taken: readonly Person[]): Person[] {
  const people: Person[] = [];
  for (const one of named)
    people.push({ ...one, id: idFromName(one.name, [...taken, ...people], "person"), consent: "not-asked" });
  return people;
}
