import {
  entryOf,
  standingOf,
  statesIn,
  statesKey,
  textKey,
  textsPrefix,
  type Along,
  type Entries,
  type EntriesChange,
  type Standing,
  type State,
} from "./entries";

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
  /**
   * All of the writes, and what goes along, or none where one of them does not follow what stands. Resolves when they are on the disk.
   */
  write(writes: readonly Write[], along?: Along): Promise<Written>;
  /** The states of a record that are kept, newest first. */
  states(key: string): Promise<readonly State[]>;
  textOf(key: string, revision: number): Promise<string | null | undefined>;
  /** A record and all its states are gone for good. */
  forget(key: string): Promise<void>;
  clear(): Promise<void>;
  /** What it is kept in, for what is done to many records at once and seldom. */
  readonly entries: Entries;
}

/** The records over their entries: in a browser's database, or in a page where it has none. */
export function createStore(entries: Entries): Store {
  return {
    entries,
    standing: async (key) => standingOf(key, await entries.get(key)),
    all: async (prefix) => (await entries.list(prefix)).map(([key, entry]) => standingOf(key, entry)),
    write: async (writes, along) => {
      try {
        await entries.change(async (tx) => {
          await putAll(tx, writes);
          await along?.write(tx);
        });
        return { ok: true };
      } catch (error) {
        if (!(error instanceof Overtaken)) return failureOf(error);
        return { ok: false, reason: "overtaken", key: error.key, stored: error.stored };
      }
    },
    states: async (key) => statesIn(await entries.get(statesKey(key))),
    textOf: async (key, revision) => {
      const text = await entries.get(textKey(key, revision));
      return text == null ? undefined : text === "null" ? null : text;
    },
    forget: (key) =>
      entries.change(async (tx) => {
        await tx.delete(key);
        await tx.delete(statesKey(key));
        await tx.deleteAll(textsPrefix(key));
      }),
    clear: () => entries.change((tx) => tx.deleteAll("")),
  };
}

/** Somebody else wrote in between. */
class Overtaken extends Error {
  constructor(
    readonly key: string,
    readonly stored: number,
  ) {
    super(`${key} is at revision ${stored} already`);
  }
}

/** Rejects where one of the writes does not follow what stands, or the entries refuse: nothing of them is then kept. */
async function putAll(tx: EntriesChange, writes: readonly Write[]): Promise<void> {
  const savedAt = Date.now();
  for (const one of writes) {
    const { key, text, follows } = one;
    const { revision: stored } = standingOf(key, await tx.get(key));
    if (stored !== follows) throw new Overtaken(key, stored);
    const revision = follows + 1;
    const { states, gone } = withState(statesIn(await tx.get(statesKey(key))), one, savedAt);
    await tx.put(key, entryOf({ revision, text }));
    await tx.put(textKey(key, revision), text ?? "null");
    await tx.put(statesKey(key), JSON.stringify(states));
    for (const old of gone) await tx.delete(textKey(key, old));
  }
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
function withState(
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
