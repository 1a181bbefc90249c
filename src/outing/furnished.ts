import { crossingsOn, furnitureOf, type Point, type Venue } from "@/core/ground";
import { sameValue, type Outing } from "@/data";
import { toCentimetre } from "./rounded";

type Ground = Outing["ground"];
type Laid = Pick<Venue, "template" | "bearing" | "centre">;

interface Outlined {
  readonly id: string;
  readonly kind: string;
  readonly outline: Point[];
}

/** What stands on a venue and leads over it, to the centimetre. */
export function furnishings(venue: Laid): Pick<Ground, "obstacles" | "areas"> {
  const laid = <T extends { readonly outline: readonly Point[] }>(things: readonly T[]) =>
    things.map((thing) => ({ ...thing, outline: thing.outline.map(toCentimetre) }));
  return { obstacles: laid(furnitureOf(venue)), areas: laid(crossingsOn(venue)) };
}

/** Things with those of a venue put in place of those of the one before; what was changed by hand stays, what was taken away stays away. */
function exchanged<T extends { readonly id: string; readonly kind: string }>(
  all: readonly T[],
  before: readonly Outlined[],
  after: readonly T[],
  sameVenue: boolean,
): T[] {
  const was = (one: T): number =>
    before.findIndex(
      (b) => b.kind === one.kind && "outline" in one && sameValue(b.outline, one.outline as Point[]),
    );
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
    obstacles: exchanged(ground.obstacles, before.obstacles as Outlined[], after.obstacles, same),
    areas: exchanged(ground.areas, before.areas, after.areas, same),
  };
}
