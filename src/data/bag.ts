import { totalGrams } from "@/core/schedule";
import type { Outing, StoredKit } from "./schema";

/** What of the kit goes along to an outing; where a list of the bag would leave nothing to choose from, all of it. */
export function bagOf(outing: Pick<Outing, "bag">, kit: StoredKit): StoredKit {
  const { bag } = outing;
  if (!bag) return kit;
  const pick = <T extends { id: string }>(items: T[], wanted: readonly string[], never: boolean): T[] => {
    const found = items.filter((item) => wanted.includes(item.id));
    return found.length === 0 && never ? items : found;
  };
  return {
    ...kit,
    bodies: pick(kit.bodies, bag.bodies, true),
    lenses: pick(kit.lenses, bag.lenses, true),
    converters: pick(kit.converters, bag.converters, false),
    supports: pick(kit.supports, bag.supports, true),
    cards: pick(kit.cards, bag.cards, false),
  };
}

/** What of a bag has a weight. The bare hand has none. */
export const thingsOf = (bag: StoredKit) => [
  ...bag.bodies,
  ...bag.lenses,
  ...bag.converters,
  ...bag.supports.filter((s) => s.stops > 0),
  ...bag.cards,
];

/** Grams of what is in the bag, and how many things tell no weight of their own. */
export function bagWeight(bag: StoredKit): { readonly grams: number; readonly unweighed: number } {
  const things = thingsOf(bag);
  return {
    grams: totalGrams(things),
    unweighed: things.filter((thing) => thing.weightG === undefined).length,
  };
}
