import { outingSchema, sameValue, type Outing } from "@/data";

/**
 * An outing as it was left on the screen when it could not be kept: it outlives navigation and a reload of its tab until it
 * is kept, or the user drops it. `storage` is the tab's.
 */
const keyOf = (id: string): string => `bp/unsaved/${id}`;

/** Where there is no room for it the screen alone has it. */
export function rememberUnsaved(storage: Storage, outing: Outing): void {
  try {
    storage.setItem(keyOf(outing.id), JSON.stringify(outing));
  } catch {
    // The tab asks before it is left.
  }
}

export const forgetUnsaved = (storage: Storage, id: string): void => storage.removeItem(keyOf(id));

/** What was left of an outing; nothing where nothing was, where it was kept after all, or where it cannot be read. */
export function recallUnsaved(storage: Storage, stored: Outing): Outing | undefined {
  const left = read(storage, stored.id);
  if (!left || !sameValue({ ...left, revision: 0 }, { ...stored, revision: 0 })) return left;
  forgetUnsaved(storage, stored.id);
  return undefined;
}

function read(storage: Storage, id: string): Outing | undefined {
  try {
    const parsed = outingSchema.safeParse(JSON.parse(storage.getItem(keyOf(id)) ?? "null"));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined;
  }
}
