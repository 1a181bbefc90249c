import type { RecordChange } from "@/core/review";
import { isListOfItems, sameValue, type Item } from "./merge-records";

/** Things are told by their names, starting settings by their discipline. */
const nameOf = (item: Item & { readonly name?: unknown; readonly discipline?: unknown }): string =>
  String(item.name ?? item.discipline ?? item.id);

/** What differs between two states of a record, thing by thing where it is a list of things with ids. */
export function changesOfRecord<T extends object>(before: T, after: T): RecordChange[] {
  return Object.keys(after).flatMap((key): RecordChange[] => {
    const [was, is] = [before, after].map((r) => (r as Record<string, unknown>)[key]);
    if (sameValue(was, is)) return [];
    return isListOfItems(was) && isListOfItems(is) ? changesOfList(was, is) : [{ code: "setting", key }];
  });
}

function changesOfList(before: readonly Item[], after: readonly Item[]): RecordChange[] {
  const was = new Map(before.map((item) => [item.id, item]));
  const is = new Set(after.map((item) => item.id));
  const added = after.flatMap((item): RecordChange[] => {
    const old = was.get(item.id);
    if (old && sameValue(old, item)) return [];
    return [{ code: old ? "changed" : "added", name: nameOf(item) }];
  });
  const removed = before.filter((item) => !is.has(item.id));
  return [...added, ...removed.map((item) => ({ code: "removed", name: nameOf(item) }) as const)];
}
