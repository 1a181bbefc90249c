/** Something that is chosen from a list with a search. */
export interface Pickable {
  readonly key: string;
  readonly title: string;
  readonly detail?: string;
  /** More words by which it is found, not shown. */
  readonly words?: string;
}

/** Items in which every word of the search is found. */
export function matching<T extends Pickable>(items: readonly T[], search: string): T[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return items.filter(({ title, detail = "", words: more = "" }) => {
    const text = `${title} ${detail} ${more}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
}
