import { PACKING } from "@/core/catalogue";
import { totalGrams, type Weighed } from "@/core/schedule";
import { bagOf, thingsOf, type Outing, type StoredKit } from "@/data";

/** What of the list and of one's own is ticked off. */
const tickedOf = ({ packing }: Pick<Outing, "packing">): readonly Weighed[] => {
  const ticked = packing?.ticked ?? [];
  return [...PACKING, ...(packing?.own ?? [])].filter((row) => ticked.includes(row.id));
};

/** All that is carried: what is in the bag, and what is ticked off. */
export const carriedOf = (outing: Outing, kit: StoredKit): readonly Weighed[] => [
  ...thingsOf(bagOf(outing, kit)),
  ...tickedOf(outing),
];

/** Grams of it. */
export const carriedGrams = (outing: Outing, kit: StoredKit): number => totalGrams(carriedOf(outing, kit));
