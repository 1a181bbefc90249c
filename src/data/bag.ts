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

/** Grams of what is in the bag, and how many things tell no weight of their own. The bare hand weighs nothing. */
export function bagWeight(bag: StoredKit): { readonly grams: number; readonly unweighed: number } {
  const things = [
    ...bag.bodies,
    ...bag.lenses,
    ...bag.converters,
    ...bag.supports.filter((s) => s.stops > 0),
    ...bag.cards,
  ];
  return {
    grams: things.reduce((sum, thing) => sum + (thing.weightG ?? 0), 0),
    unweighed: things.filter((thing) => thing.weightG === undefined).length,
  };
}
