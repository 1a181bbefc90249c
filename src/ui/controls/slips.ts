import MiniSearch from "minisearch";
import type { Pickable } from "./matching";

/** Share of a word's letters that may be wrong, and letters from which a word may have a wrong one at all. */
const WRONG = 0.34;
const FROM = 4;

const indexes = new WeakMap<readonly Pickable[], MiniSearch<Pickable>>();

/** The index of a list, made once for as long as the list is the same. */
function indexOf(items: readonly Pickable[]): MiniSearch<Pickable> {
  const known = indexes.get(items);
  if (known) return known;
  const index = new MiniSearch<Pickable>({ idField: "key", fields: ["title", "detail", "words"] });
  index.addAll(items);
  indexes.set(items, index);
  return index;
}

/** Items that a search means whose words are misspelt, the likest first: every word of it has to be like one of theirs. */
export function meant<T extends Pickable>(items: readonly T[], search: string): T[] {
  const byKey = new Map(items.map((item) => [item.key, item]));
  return indexOf(items)
    .search(search, {
      combineWith: "AND",
      prefix: true,
      fuzzy: (term) => (term.length < FROM ? false : WRONG),
      maxFuzzy: 2,
      boost: { title: 2 },
    })
    .map(({ id }) => byKey.get(id as string)!);
}
