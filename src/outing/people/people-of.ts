import type { Outing, Person } from "@/data";

const NOBODY: readonly Person[] = [];

/** One's people of an outing; the same empty list while there is nobody. */
export const peopleOf = ({ outing }: { readonly outing: Pick<Outing, "people"> }): readonly Person[] =>
  outing.people ?? NOBODY;
