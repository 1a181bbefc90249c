import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from "idb";
import { OLD_OUTING_PREFIX } from "../old-names";
import { hasOneOf, JOURNAL } from "./former";
import { entryOf, standingOf, statesKey, textKey, type State } from "./entries";
import type { Store } from "./store";

const OUTING = "bp/outing/";
/** Records as they stood before an older version's were raised. */
const BEFORE = "bp/before/";
const SEEDED = "bp/seeded";
const SINGLE = ["bp/kit", "bp/library", "bp/preferences"];

/** The small storage of the browser, as far as it is read. */
type SmallStorage = Pick<Storage, "getItem" | "removeItem" | "key" | "length">;

/** The record that a name of the small storage belonged to; nothing where it belonged to none. */
function recordOf(name: string): string | undefined {
  if (SINGLE.includes(name) || name.startsWith(OUTING)) return name;
  if (name.startsWith(OLD_OUTING_PREFIX)) return OUTING + name.slice(OLD_OUTING_PREFIX.length);
  if (!name.startsWith(BEFORE)) return undefined;
  const rest = name.slice(BEFORE.length);
  return SINGLE.find((single) => single === `bp/${rest}`) ?? OUTING + rest;
}

/** Of each record the names under which the small storage has something of it: its own, its first one, and what stood before. */
function formerNames(storage: SmallStorage): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (let i = 0; i < storage.length; i++) {
    const name = storage.key(i)!;
    const key = recordOf(name);
    if (key) found.set(key, [...(found.get(key) ?? []), name]);
  }
  return found;
}

interface FormerSchema extends DBSchema {
  records: { key: string; value: { key: string; revision: number; text: string | null } };
  states: { key: [string, number]; value: State & { readonly key: string } };
  texts: { key: [string, number]; value: { key: string; revision: number; text: string | null } };
}

/** A state with what stood in it. */
export type KeptState = State & { readonly text: string | null };

/**
 * Moves what the last version kept into the store, one record after the other: each with all its states is written, read back and
 * compared before it is cleared where it was, so that being cut off at any point loses nothing and the next start goes on.
 * Gives back the keys of those that could not be moved, which stay where they are, as all of them do where the store lasts no
 * longer than the page.
 */
export async function moveIn(
  store: Store,
  storage: SmallStorage,
  { journalName = JOURNAL, isForGood = true } = {},
): Promise<readonly string[]> {
  const journal = await openFormer(journalName);
  const names = formerNames(storage);
  const inJournal = journal ? await journal.getAllKeys("records") : [];
  const keys = [...new Set([...names.keys(), ...inJournal])];
  const left: string[] = [];
  for (const key of keys) {
    const own = names.get(key) ?? [];
    const isMoved = await moveOne(store, key, await statesOf(journal, storage, key, own)).catch(() => false);
    if (!isMoved) {
      left.push(key);
      continue;
    }
    if (!isForGood) continue;
    if (journal) await clearFormer(journal, key);
    own.forEach((name) => storage.removeItem(name));
  }
  journal?.close();
  if (isForGood && left.length === 0) {
    storage.removeItem(SEEDED);
    if (journal) await deleteDB(journalName);
  }
  return left;
}

/** Nothing where no earlier version was here. */
async function openFormer(name: string): Promise<IDBPDatabase<FormerSchema> | undefined> {
  if (!(await hasOneOf(name))) return undefined;
  return openDB<FormerSchema>(name, 1, {
    upgrade(made) {
      made.createObjectStore("records", { keyPath: "key" });
      made.createObjectStore("states", { keyPath: ["key", "revision"] });
      made.createObjectStore("texts", { keyPath: ["key", "revision"] });
    },
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });
}

/** All that is known of a record, newest first. */
async function statesOf(
  journal: IDBPDatabase<FormerSchema> | undefined,
  storage: SmallStorage,
  key: string,
  names: readonly string[],
): Promise<readonly KeptState[]> {
  const range = IDBKeyRange.bound([key, 0], [key, Infinity]);
  const known = journal ? await journal.getAll("states", range) : [];
  const texts = new Map(
    journal ? (await journal.getAll("texts", range)).map((t) => [t.revision, t.text]) : [],
  );
  const states = known
    .map(({ key: _, ...state }): KeptState => ({ ...state, text: texts.get(state.revision) ?? null }))
    .toReversed();
  const standing = await journal?.get("records", key);
  const beside = names.filter((name) => !name.startsWith(BEFORE)).map((name) => storage.getItem(name)!);
  for (const text of beside) {
    if (text === standing?.text) continue;
    const revision = Math.max(1, revisionIn(text));
    if (revision > (states[0]?.revision ?? 0))
      states.unshift({ revision, savedAt: Date.now(), removed: false, text });
  }
  const first = names.find((name) => name.startsWith(BEFORE));
  const before = first && storage.getItem(first);
  if (before && !states.some(({ text }) => text === before)) {
    const savedAt = states.at(-1)?.savedAt ?? Date.now();
    states.push({ revision: 0, savedAt, removed: false, isLastOfVersion: true, text: before });
  }
  return states;
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

/** Whether a record stands in the store afterwards as it was, or something later does. */
async function moveOne(store: Store, key: string, states: readonly KeptState[]): Promise<boolean> {
  const [newest] = states;
  if (!newest) return true;
  const standing = await store.standing(key);
  if (standing.revision === 0) {
    await adopt(store, key, states);
    return isThere(store, key, states);
  }
  // An earlier start moved it, or a page of the last version wrote on after that.
  if (newest.revision <= standing.revision) return true;
  return (await store.write([{ key, follows: standing.revision, text: newest.text }])).ok;
}

/** Takes over a record with its states as they are, newest first; rejects where anything stands under its key. */
export async function adopt(store: Store, key: string, states: readonly KeptState[]): Promise<void> {
  await store.entries.change(async (tx) => {
    if (standingOf(key, await tx.get(key)).revision !== 0) throw new Error(`${key} stands already`);
    await tx.put(key, entryOf(states[0]!));
    await tx.put(statesKey(key), JSON.stringify(states.map(({ text: _, ...state }) => state)));
    for (const { revision, text } of states) await tx.put(textKey(key, revision), text ?? "null");
  });
}

async function isThere(store: Store, key: string, states: readonly KeptState[]): Promise<boolean> {
  const standing = await store.standing(key);
  if (standing.text !== states[0]!.text || standing.revision !== states[0]!.revision) return false;
  if ((await store.states(key)).length !== states.length) return false;
  for (const { revision, text } of states) if ((await store.textOf(key, revision)) !== text) return false;
  return true;
}

async function clearFormer(journal: IDBPDatabase<FormerSchema>, key: string): Promise<void> {
  const tx = journal.transaction(["records", "states", "texts"], "readwrite", { durability: "strict" });
  const range = IDBKeyRange.bound([key, 0], [key, Infinity]);
  await Promise.all([
    tx.objectStore("records").delete(key),
    tx.objectStore("states").delete(range),
    tx.objectStore("texts").delete(range),
    tx.done,
  ]);
}
