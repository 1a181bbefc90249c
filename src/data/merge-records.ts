export type Item = { readonly id: string };
export const isListOfItems = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every((v) => typeof (v as Partial<Item> | null)?.id === "string");

/** Whether two values are written alike. */
export const sameValue = (a: unknown, b: unknown): boolean =>
  a === b || JSON.stringify(a) === JSON.stringify(b);

/**
 * A change of a record made on top of what somebody else made of it meanwhile: in lists of things with ids each thing is
 * taken by itself, any other member as a whole. Where both changed the same thing mine counts; theirs is an earlier state.
 */
export function mergeRecords<T extends object>(before: T, mine: T, theirs: T): T {
  const merged = Object.keys(theirs).map((key) => {
    const [was, my, their] = [before, mine, theirs].map((r) => (r as Record<string, unknown>)[key]);
    if (isListOfItems(was) && isListOfItems(my) && isListOfItems(their))
      return [key, mergeLists(was, my, their)];
    return [key, sameValue(was, my) ? their : my];
  });
  return { ...mine, ...Object.fromEntries(merged) } as T;
}

function mergeLists(before: readonly Item[], mine: readonly Item[], theirs: readonly Item[]): Item[] {
  const was = new Map(before.map((item) => [item.id, item]));
  const my = new Map(mine.map((item) => [item.id, item]));
  const kept = theirs.flatMap((their) => {
    const old = was.get(their.id);
    const own = my.get(their.id);
    if (!own) return old ? [] : [their];
    return [sameValue(old, own) ? their : own];
  });
  const there = new Set(theirs.map((item) => item.id));
  const added = mine.filter((item) => !there.has(item.id) && !sameValue(was.get(item.id), item));
  return [...kept, ...added];
}
