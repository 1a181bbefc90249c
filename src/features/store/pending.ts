import type { Note, RecordName } from "@/data";

/**
 * A change of kit, library or preferences that is not on the disk yet. The tab remembers it, so that neither the end of a
 * page nor a write that fails loses it: it is shown, and tried again, until it is kept or the user drops it.
 */
export interface Pending<T> {
  /** What the change was made on, where that could be read. */
  readonly before: T | undefined;
  readonly next: T;
  /** Where it is an undo or a redo: what is noted with the state. */
  readonly note?: Note;
}

const keyOf = (name: RecordName): string => `bp/pending/${name}`;
const inPage = new Map<RecordName, Pending<unknown>>();

/** Where the tab has no room for it the page alone has it. */
export function rememberPending<T>(name: RecordName, pending: Pending<T>): void {
  inPage.set(name, pending);
  try {
    sessionStorage.setItem(keyOf(name), JSON.stringify(pending));
  } catch {
    // The tab asks before it is left.
  }
}

export function forgetPending(name: RecordName): void {
  inPage.delete(name);
  sessionStorage.removeItem(keyOf(name));
}

/** The same object for as long as it is the last change of its record. */
export function recallPending<T>(name: RecordName): Pending<T> | undefined {
  if (!inPage.has(name)) {
    const left = read(name);
    if (left) inPage.set(name, left);
  }
  return inPage.get(name) as Pending<T> | undefined;
}

function read(name: RecordName): Pending<unknown> | undefined {
  try {
    return (
      (JSON.parse(sessionStorage.getItem(keyOf(name)) ?? "null") as Pending<unknown> | null) ?? undefined
    );
  } catch {
    return undefined;
  }
}
