export type Item = { readonly id: string };
export const isListOfItems = (value: unknown): value is readonly Item[] =>
  Array.isArray(value) && value.every((v) => typeof (v as Partial<Item> | null)?.id === "string");

/** A thing of a list with what it is known by there: its id, or that of the shot that it belongs to. */
const keyOf = (value: unknown): string | undefined => {
  const { id, shotId } = (value ?? {}) as { id?: unknown; shotId?: unknown };
  const key = id ?? shotId;
  return typeof key === "string" ? key : undefined;
};
const isKeyed = (value: unknown): value is readonly object[] =>
  Array.isArray(value) && value.every((v) => keyOf(v) !== undefined);

const isRecord = (value: unknown): value is object =>
  typeof value === "object" && value !== null && !Array.isArray(value);

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
 * A change of a record made on top of what somebody else made of it meanwhile: in lists of things with ids each thing is taken by
 * itself, in a record within it each member, any other member as a whole. Where both changed the same thing mine counts; theirs is
 * an earlier state.
 */
export function mergeRecords<T extends object>(before: T, mine: T, theirs: T): T {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  const merged = [...keys].map((key) => {
    const [was, my, their] = [before, mine, theirs].map((r) => (r as Record<string, unknown>)[key]);
    return [key, mergeValues(was, my, their)] as const;
  });
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined)) as T;
}

function mergeValues(was: unknown, my: unknown, their: unknown): unknown {
  const lists = [was, my, their];
  if (lists.some(isKeyed) && lists.every((list) => list === undefined || isKeyed(list))) {
    const [before, mine, theirs] = lists.map((list) => (list ?? []) as readonly object[]);
    const merged = mergeLists(before!, mine!, theirs!);
    return merged.length === 0 && (my === undefined || their === undefined) ? undefined : merged;
  }
  // A thing of a list is taken whole; what has no id of its own is a record of members.
  if (isRecord(was) && isRecord(my) && isRecord(their)) return mergeRecords(was, my, their);
  return sameValue(was, my) ? their : my;
}

function mergeLists(
  before: readonly object[],
  mine: readonly object[],
  theirs: readonly object[],
): readonly object[] {
  const was = new Map(before.map((item) => [keyOf(item), item]));
  const my = new Map(mine.map((item) => [keyOf(item), item]));
  const merged = theirs.flatMap((their) => {
    const old = was.get(keyOf(their));
    const own = my.get(keyOf(their));
    if (!own) return old ? [] : [their];
    return [sameValue(old, own) ? their : own];
  });
  const there = new Set(theirs.map(keyOf));
  mine.forEach((item, i) => {
    if (there.has(keyOf(item)) || sameValue(was.get(keyOf(item)), item)) return;
    // Before what follows it in mine it comes behind what it follows there; at the end of mine it comes last.
    const ahead = new Set(mine.slice(0, i).map(keyOf));
    const isFollowed = mine.slice(i + 1).some((m) => there.has(keyOf(m)));
    merged.splice(isFollowed ? merged.findLastIndex((m) => ahead.has(keyOf(m))) + 1 : merged.length, 0, item);
  });
  return merged;
}

/** What a change did taken back: what was done since stays, but where it changed the same thing. */
export const takenBack = <T extends object>(now: T, before: T, after: T): T =>
  mergeRecords(after, before, now);
