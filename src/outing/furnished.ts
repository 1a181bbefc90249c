import { crossingsOn, furnitureOf, type Venue } from "@/core/ground";
import { sameValue, type Outing } from "@/data";
import { toCentimetre } from "./rounded";

type Ground = Outing["ground"];
type Laid = Pick<Venue, "template" | "bearing" | "centre">;

type Standing = Ground["obstacles"][number] | Ground["areas"][number];

/** What stands on a venue and leads over it, to the centimetre. */
export function furnishings(venue: Laid): Pick<Ground, "obstacles" | "areas"> {
  return {
    obstacles: furnitureOf(venue).map((thing) =>
      "from" in thing
        ? {
            ...thing,
            from: { ...thing.from, ...toCentimetre(thing.from) },
            to: { ...thing.to, ...toCentimetre(thing.to) },
          }
        : { ...thing, outline: thing.outline.map(toCentimetre) },
    ),
    areas: crossingsOn(venue).map((area) => ({ ...area, outline: area.outline.map(toCentimetre) })),
  };
}

/** Where a thing stands, as one can compare it. */
const standsAt = (thing: Standing): object =>
  "outline" in thing ? thing.outline : "from" in thing ? [thing.from, thing.to] : thing.at;

/** Things with those of a venue put in place of those of the one before; what was changed by hand stays, what was taken away stays away. */
function exchanged<T extends Standing>(
  all: readonly T[],
  before: readonly T[],
  after: readonly T[],
  sameVenue: boolean,
): T[] {
  const was = (one: T): number =>
    before.findIndex((b) => b.kind === one.kind && sameValue(standsAt(b), standsAt(one)));
  // Turned or moved, each goes where it stands now, under its own id.
  if (sameVenue)
    return all.map((one) => {
      const i = was(one);
      return i < 0 ? one : { ...after[i]!, id: one.id };
    });
  const stay = all.filter((one) => was(one) < 0);
  return [...stay, ...after.filter(({ id }) => !stay.some((one) => one.id === id))];
}

/** A ground with its venue laid otherwise, or another one: what stands on it goes with it. */
export function laidOtherwise(ground: Ground, venue: Ground["venue"]): Ground {
  const [before, after] = [furnishings(ground.venue), furnishings(venue)];
  const same = ground.venue.template === venue.template;
  return {
    ...ground,
    venue,
    obstacles: exchanged(ground.obstacles, before.obstacles, after.obstacles, same),
    areas: exchanged(ground.areas, before.areas, after.areas, same),
  };
}
