import { failureOf, type Journal, type Standing, type State, type Write, type Written } from "./journal";
import { pageJournal } from "./page-journal";

/** The few calls of AsyncStorage that are used; tests hand in a map. */
export interface KeyValueStore {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  removeItem(key: string): Promise<void>;
  getAllKeys(): Promise<readonly string[]>;
}

/** What stands under a key: of journal and storage the higher revision. */
export interface Stood extends Standing {
  /** What the storage has, where that is newer than the journal. */
  readonly beside?: { readonly revision: number; readonly text: string };
  /** Set where it stands under the name that its key had before. */
  readonly former?: true;
}

/** The records of the storage with the journal of their writes. */
export interface Shelf {
  stood(key: string): Promise<Stood>;
  all(prefix: string): Promise<readonly Stood[]>;
  write(writes: readonly Write[]): Promise<Written>;
  states(key: string): Promise<readonly State[]>;
  textOf(key: string, revision: number): Promise<string | null | undefined>;
  /** A record and all its states are gone for good. */
  forget(key: string): Promise<void>;
  clear(): Promise<void>;
}

/**
 * With a journal a write is kept when the journal has it on the disk, and the storage follows as far as it has room; without
 * one the storage itself is what keeps. `formerly` pairs a prefix with the one that its keys had before.
 */
export function createShelf(
  store: KeyValueStore,
  journal: Journal | undefined,
  formerly: readonly (readonly [prefix: string, former: string])[],
): Shelf {
  const kept = journal ?? pageJournal();
  const formerOf = (key: string): string[] =>
    formerly.flatMap(([prefix, former]) =>
      key.startsWith(prefix) ? [former + key.slice(prefix.length)] : [],
    );
  const inStorage = async (key: string, journal: Standing | undefined): Promise<Stood> => {
    for (const name of [key, ...formerOf(key)]) {
      const raw = await store.getItem(name);
      if (raw === null) continue;
      const found = higher(key, journal, raw);
      return name === key ? found : { ...found, former: true };
    }
    return higher(key, journal, null);
  };
  const stood = async (key: string): Promise<Stood> => inStorage(key, await kept.standing(key));
  const takeAway = async (key: string): Promise<void> => {
    for (const name of [key, ...formerOf(key)]) await store.removeItem(name).catch(() => undefined);
  };
  /** The storage after the journal: what has no room there is told by the journal alone. */
  const follow = async ({ key, text }: Write): Promise<void> => {
    if (text === null) return takeAway(key);
    const written = await store.setItem(key, text).then(
      () => true,
      () => false,
    );
    if (written) for (const name of formerOf(key)) await store.removeItem(name).catch(() => undefined);
  };
  return {
    stood,
    all: async (prefix) => {
      const formers = formerly.filter(([p]) => p === prefix).map(([, former]) => former);
      const inStore = (await store.getAllKeys()).flatMap((key) =>
        [prefix, ...formers].filter((p) => key.startsWith(p)).map((p) => prefix + key.slice(p.length)),
      );
      const inJournal = new Map((await kept.all(prefix)).map((s) => [s.key, s]));
      const keys = [...new Set([...inStore, ...inJournal.keys()])];
      return Promise.all(keys.map((key) => inStorage(key, inJournal.get(key))));
    },
    write: async (writes) => {
      const written = journal
        ? await journal.write(writes)
        : await withLock(() => writeStored(store, kept, stood, writes));
      if (!written.ok) return written;
      for (const one of writes) await follow(one);
      return written;
    },
    states: (key) => kept.states(key),
    textOf: (key, revision) => kept.textOf(key, revision),
    forget: async (key) => {
      await takeAway(key);
      await kept.forget(key);
    },
    clear: () => kept.clear(),
  };
}

function higher(key: string, journal: Standing | undefined, raw: string | null): Stood {
  if (raw === null || raw === journal?.text) return journal ?? { key, revision: 0, text: raw };
  const revision = revisionIn(raw);
  if (journal && journal.revision >= revision) return journal;
  return { key, revision, text: raw, beside: { revision, text: raw } };
}

/** Records without a revision of their own count as 0: whatever the journal has of them is newer. */
function revisionIn(raw: string): number {
  try {
    const { revision } = JSON.parse(raw) as { revision?: unknown };
    return typeof revision === "number" && revision > 0 ? revision : 0;
  } catch {
    return 0;
  }
}

/** One writer at a time over all tabs, where the browser can; without a journal nothing else keeps two from winning. */
const withLock = async <T>(write: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks ? await navigator.locks.request("bp/write", write) : await write();

/** All writes into the storage, or none: what was written before one that fails is put back. */
async function writeStored(
  store: KeyValueStore,
  kept: Journal,
  stood: (key: string) => Promise<Stood>,
  writes: readonly Write[],
): Promise<Written> {
  const before: [string, string | null][] = [];
  for (const { key, follows } of writes) {
    const standing = await stood(key);
    if (standing.revision !== follows)
      return { ok: false, reason: "overtaken", key, stored: standing.revision };
    before.push([key, await store.getItem(key)]);
  }
  try {
    for (const { key, text } of writes) if (text !== null) await store.setItem(key, text);
  } catch (error) {
    for (const [key, text] of before)
      await (text === null ? store.removeItem(key) : store.setItem(key, text)).catch(() => undefined);
    return failureOf(error);
  }
  return kept.write(writes);
}
