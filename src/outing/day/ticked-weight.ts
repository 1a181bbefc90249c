import { PACKING } from "@/core/catalogue";
import type { Outing } from "@/data";

/** Grams of what of the list and of one's own is ticked off. */
export function tickedWeight({ packing }: Pick<Outing, "packing">): number {
  const ticked = packing?.ticked ?? [];
  return [...PACKING, ...(packing?.own ?? [])]
    .filter((row) => ticked.includes(row.id))
    .reduce((sum, row) => sum + (row.weightG ?? 0), 0);
}
