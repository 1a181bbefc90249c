import { idFromName, type Outing, type Place } from "@/data";
import { PLACE_PARTS, withGiven } from "./given";
import { placeOf } from "./place-of";

/** A place that outings could keep, and those outings. */
export interface FromOutings {
  readonly place: Place;
  readonly outingIds: readonly string[];
}

/** Whether two outings are of one place: its name, and the coordinates that were told. */
const spotOf = ({ place, ground: { anchor } }: Outing): string =>
  `${place} ${anchor.assumed ? "" : `${anchor.latitude} ${anchor.longitude}`}`;

/**
 * Places of outings that none is kept of: of each the latest outing's ground, with the counts and readings of all. Each is what it would be
 * if the outings had given to it one after the other.
 */
export function keptFrom(outings: readonly Outing[], kept: readonly Place[]): FromOutings[] {
  const free = outings
    .filter((o) => !kept.some((p) => p.id === o.placeId))
    .toSorted((a, b) => (a.date < b.date ? -1 : 1));
  const bySpot = new Map<string, Outing[]>();
  for (const outing of free) bySpot.set(spotOf(outing), [...(bySpot.get(spotOf(outing)) ?? []), outing]);
  const taken: { id: string }[] = [...kept];
  return [...bySpot.values()].map((all) => {
    const [first, ...rest] = all as [Outing, ...Outing[]];
    const id = idFromName(first.place, taken, "place");
    taken.push({ id });
    return {
      place: rest.reduce((place, o) => withGiven(place, o, PLACE_PARTS), placeOf(first, id)),
      outingIds: all.map((o) => o.id),
    };
  });
}
