export type Item = { readonly id: string };
export const isListOfItems = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every((v) => typeof (v as Partial<Item> | null)?.id === "string");

/** Whether two values are alike: their keys in any order, what is undefined as what is not there. */
export function sameValue(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (typeof a !== "object" || typeof b !== "object" || a === null || b === null) return false;
  if (Array.isArray(a) || Array.isArray(b))
    return (
      Array.isArray(a) && Array.isArray(b) && a.length === b.length && a.every((x, i) => sameValue(x, b[i]))
    );
  const [mine, theirs] = [a, b] as [Record<string, unknown>, Record<string, unknown>];
  const keys = new Set([...Object.keys(mine), ...Object.keys(theirs)]);
  return [...keys].every((key) => sameValue(mine[key], theirs[key]));
}

/**
 * A change of a record made on top of what somebody else made of it meanwhile: in lists of things with ids each thing is
 * taken by itself, any other member as a whole. Where both changed the same thing mine counts; theirs is an earlier state.
 */
export function mergeRecords<T extends object>(before: T, mine: T, theirs: T): T {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  const merged = [...keys].map((key) => {
    const [was, my, their] = [before, mine, theirs].map((r) => (r as Record<string, unknown>)[key]);
    if (isListOfItems(was) && isListOfItems(my) && isListOfItems(their))
      return [key, mergeLists(was, my, their)];
    return [key, sameValue(was, my) ? their : my];
  });
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined)) as T;
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
