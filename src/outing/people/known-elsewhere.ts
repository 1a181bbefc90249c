import type { Outing, Person } from "@/data";
import { foundIn } from "./found-in";
import type { Named } from "./named-in-lists";

/** What is true of somebody on any day: not the number, the lane, the events and the consent of one. */
const ofAnyDay = ({ name, club, colour, breathes, takeOff, hand }: Person): Named => ({
  name,
  ...Object.fromEntries(
    Object.entries({ club, colour, breathes, takeOff, hand }).filter(([, told]) => told !== undefined),
  ),
});

/** The people of other outings who are none of this one's, by name; as the latest outing has them. */
export function knownElsewhere(
  { id, people = [] }: Pick<Outing, "id" | "people">,
  others: readonly Pick<Outing, "id" | "date" | "people">[],
): Named[] {
  const known = new Map<string, Named>();
  for (const other of others.toSorted((a, b) => a.date.localeCompare(b.date)))
    for (const person of other.id === id ? [] : (other.people ?? []))
      if (!people.some((p) => foundIn({ name: p.name }, person.name)))
        known.set(person.name, ofAnyDay(person));
  return [...known.values()].toSorted((a, b) => a.name.localeCompare(b.name));
}
