/** A record as it was last kept; `text` is null once it was removed, or before anything was written. */
export interface Standing {
  readonly key: string;
  /** Grows by one with every write, a removal among them; 0 or more. */
  readonly revision: number;
  readonly text: string | null;
}

/** A record to be written after the state that its writer saw. */
export interface Write {
  readonly key: string;
  /** Revision that the writer saw; 0 where nothing stood. */
  readonly follows: number;
  readonly text: string | null;
  /** Whether what stands is of an older version: its state is then kept for good. */
  readonly raises?: boolean;
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
  /** The last of an older version of the program: it never expires. */
  readonly isLastOfVersion?: boolean;
}

/** A record with all its states as another store kept them, newest first; `text` of the first is the record's own. */
export interface Adopted {
  readonly key: string;
  readonly states: readonly (State & { readonly text: string | null })[];
}

export type Written =
  | { readonly ok: true }
  | { readonly ok: false; readonly reason: "overtaken"; readonly key: string; readonly stored: number }
  | { readonly ok: false; readonly reason: "storage-full" | "storage-failed" };

/** Where every record is kept, whole or not at all, together with the states before it. */
export interface Store {
  /** Revision 0 without text where nothing was ever written. */
  standing(key: string): Promise<Standing>;
  /** Every record whose key begins so. */
  all(prefix: string): Promise<readonly Standing[]>;
  /** All of the writes, or none where one of them does not follow what stands. Resolves when they are on the disk. */
  write(writes: readonly Write[]): Promise<Written>;
  /** The states of a record that are kept, newest first. */
  states(key: string): Promise<readonly State[]>;
  textOf(key: string, revision: number): Promise<string | null | undefined>;
  /** Takes over a record of another store with its states as they are; refused where anything stands under its key. */
  adopt(record: Adopted): Promise<Written>;
  /** A record and all its states are gone for good. */
  forget(key: string): Promise<void>;
  clear(): Promise<void>;
}

/** How many of the last states of a record are kept, beside the last of every day before. */
const LAST_STATES = 100;
const DAY = 86_400_000;

/** The revisions of states that need not be kept any longer; `states` in any order. */
export function expired(
  states: readonly Pick<State, "revision" | "savedAt" | "isLastOfVersion">[],
): number[] {
  const newestFirst = states.toSorted((a, b) => b.revision - a.revision);
  const days = new Set<number>();
  return newestFirst.flatMap(({ revision, savedAt, isLastOfVersion }, i) => {
    const day = Math.floor(savedAt / DAY);
    const isLastOfDay = !days.has(day);
    days.add(day);
    return i < LAST_STATES || isLastOfDay || isLastOfVersion ? [] : [revision];
  });
}

/** The states of a record with one more, and those that make room for it. `states` are those before, newest first. */
export function withState(
  states: readonly State[],
  { follows, text, change, undoTo, redoTo, raises }: Write,
  savedAt: number,
): { readonly states: readonly State[]; readonly gone: readonly number[] } {
  const next: State = {
    revision: follows + 1,
    savedAt,
    removed: text === null,
    ...(change !== undefined && { change }),
    ...(undoTo !== undefined && { undoTo }),
    ...(redoTo !== undefined && { redoTo }),
  };
  const before = raises
    ? states.map((s) => (s.revision === follows ? { ...s, isLastOfVersion: true } : s))
    : states;
  const all = [next, ...before];
  const gone = expired(all);
  return { states: all.filter((s) => !gone.includes(s.revision)), gone };
}

/** Browsers name the full storage differently; all of them say "quota". The error may come from another realm. */
export function failureOf(error: unknown): Extract<Written, { ok: false }> {
  const { name, message } = (error ?? {}) as { name?: unknown; message?: unknown };
  const full = /quota/i.test(`${String(name)} ${String(message)}`);
  return { ok: false, reason: full ? "storage-full" : "storage-failed" };
}
