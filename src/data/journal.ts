/** A record as it was last kept; `text` is null once it was removed. */
export interface Standing {
  readonly key: string;
  /** Grows by one with every write, a removal among them; 1 or more. */
  readonly revision: number;
  readonly text: string | null;
}

/** A record to be written after the state that its writer saw. */
export interface Write {
  readonly key: string;
  /** Revision that the writer saw; 0 where nothing stood. */
  readonly follows: number;
  /** What stood there outside the journal, where that was newer than what the journal had. */
  readonly stood?: { readonly revision: number; readonly text: string };
  readonly text: string | null;
  /** What was done, for the list of earlier states. */
  readonly change?: string;
  /** Revision that an undo of this state goes back to, and that a redo goes on to. */
  readonly undoTo?: number;
  readonly redoTo?: number;
}

/** An earlier state of a record, or its present one, without its text. */
export interface State {
  readonly revision: number;
  /** Epoch milliseconds. */
  readonly savedAt: number;
  readonly removed: boolean;
  readonly change?: string;
  /** Revisions, as in `Write`. */
  readonly undoTo?: number;
  readonly redoTo?: number;
}

export type Written =
  | { readonly ok: true }
  | { readonly ok: false; readonly reason: "overtaken"; readonly key: string; readonly stored: number }
  | { readonly ok: false; readonly reason: "storage-full" | "storage-failed" };

/** Where every write is kept first, whole or not at all, together with the states before it. */
export interface Journal {
  standing(key: string): Promise<Standing | undefined>;
  /** Every record whose key begins so. */
  all(prefix: string): Promise<readonly Standing[]>;
  /** All of the writes, or none where one of them does not follow what stands. Resolves when they are on the disk. */
  write(writes: readonly Write[]): Promise<Written>;
  /** The states of a record that are kept, newest first. */
  states(key: string): Promise<readonly State[]>;
  textOf(key: string, revision: number): Promise<string | null | undefined>;
  /** A record and all its states are gone for good. */
  forget(key: string): Promise<void>;
  clear(): Promise<void>;
}

/** How many of the last states of a record are kept, beside the last of every day before. */
const LAST_STATES = 100;
const DAY = 86_400_000;

/** The revisions of states that need not be kept any longer; `states` in any order. */
export function expired(states: readonly Pick<State, "revision" | "savedAt">[]): number[] {
  const newestFirst = states.toSorted((a, b) => b.revision - a.revision);
  const days = new Set<number>();
  return newestFirst.flatMap(({ revision, savedAt }, i) => {
    const day = Math.floor(savedAt / DAY);
    const isLastOfDay = !days.has(day);
    days.add(day);
    return i < LAST_STATES || isLastOfDay ? [] : [revision];
  });
}

/** The revision that stands where a write is to go. */
export const standingRevision = (write: Write, kept: Pick<Standing, "revision"> | undefined): number =>
  Math.max(kept?.revision ?? 0, write.stood?.revision ?? 0);

/** Browsers name the full storage differently; all of them say "quota". The error may come from another realm. */
export function failureOf(error: unknown): Extract<Written, { ok: false }> {
  const { name, message } = (error ?? {}) as { name?: unknown; message?: unknown };
  const full = /quota/i.test(`${String(name)} ${String(message)}`);
  return { ok: false, reason: full ? "storage-full" : "storage-failed" };
}
