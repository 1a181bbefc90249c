import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from "idb";
import { allOrNone } from "./all-or-none";
import { entryOf, standingOf, statesIn, statesKey, textKey, textsPrefix } from "./entries";
import { reopening } from "./reopening";
import { failureOf, withState, type Adopted, type Store, type Write, type Written } from "./store";

/** The database of the records; the first versions kept a journal of other stores under the plain name. */
const DATABASE = "bright-perch-records";
const ENTRIES = "entries";

/** As AsyncStorage lays it out, whose database it is. */
interface Schema extends DBSchema {
  entries: { key: string; value: string };
}
type Entries = IDBPTransaction<Schema, ["entries"], "readwrite">["store"];

const startingWith = (prefix: string): IDBKeyRange => IDBKeyRange.bound(prefix, `${prefix}\uffff`);

/**
 * The records in AsyncStorage, whose web side is IndexedDB. A record is read through it. A write goes to the same entries by a
 * connection of ours, since AsyncStorage's own compares nothing and does not wait for the disk: it compares and puts within one
 * strict transaction, so that two tabs cannot both win and what was told as kept is on the disk. Rejects where the browser has
 * no IndexedDB or blocks it.
 */
export async function openStore(name = DATABASE): Promise<Store> {
  const storage = createAsyncStorage(name);
  const within = reopening(() => open(name));
  // AsyncStorage makes the database, before we open it.
  await storage.getItem("bp/kit");
  await within(() => Promise.resolve());
  // A connection that the browser closed stays closed in AsyncStorage; ours is opened anew.
  const entry = (key: string): Promise<string | null | undefined> =>
    storage.getItem(key).catch(() => within((db) => db.get(ENTRIES, key)));
  const change = (work: (entries: Entries) => Promise<unknown>): Promise<void> =>
    within((db) => {
      const tx = db.transaction(ENTRIES, "readwrite", { durability: "strict" });
      return allOrNone(tx, () => work(tx.store));
    });
  return {
    standing: async (key) => standingOf(key, await entry(key)),
    all: (prefix) =>
      within(async (db) => {
        const entries = db.transaction(ENTRIES).store;
        const range = startingWith(prefix);
        const [keys, values] = await Promise.all([entries.getAllKeys(range), entries.getAll(range)]);
        return keys.map((key, i) => standingOf(key, values[i]));
      }),
    write: (writes) => written(() => change((entries) => putAll(entries, writes))),
    adopt: (record) => written(() => change((entries) => putWhole(entries, record))),
    states: async (key) => statesIn(await entry(statesKey(key))),
    textOf: async (key, revision) => {
      const text = await entry(textKey(key, revision));
      return text == null ? undefined : text === "null" ? null : text;
    },
    forget: (key) =>
      change(async (entries) => {
        await entries.delete(key);
        await entries.delete(statesKey(key));
        await entries.delete(startingWith(textsPrefix(key)));
      }),
    clear: () => change((entries) => entries.clear()),
  };
}

/** At the version of AsyncStorage and as it would be made by it: a higher one would shut it out. */
const open = (name: string): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(name, 1, {
    upgrade: (made) => void made.createObjectStore(ENTRIES),
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

/** Somebody else wrote in between. */
class Overtaken extends Error {
  constructor(
    readonly key: string,
    readonly stored: number,
  ) {
    super(`${key} is at revision ${stored} already`);
  }
}

async function written(change: () => Promise<void>): Promise<Written> {
  try {
    await change();
    return { ok: true };
  } catch (error) {
    if (!(error instanceof Overtaken)) return failureOf(error);
    return { ok: false, reason: "overtaken", key: error.key, stored: error.stored };
  }
}

/** Rejects where one of the writes does not follow what stands, or the database refuses: nothing of them is then kept. */
async function putAll(entries: Entries, writes: readonly Write[]): Promise<void> {
  const savedAt = Date.now();
  for (const one of writes) {
    const { key, text, follows } = one;
    const { revision: stored } = standingOf(key, await entries.get(key));
    if (stored !== follows) throw new Overtaken(key, stored);
    const revision = follows + 1;
    const { states, gone } = withState(statesIn(await entries.get(statesKey(key))), one, savedAt);
    await entries.put(entryOf({ revision, text }), key);
    await entries.put(text ?? "null", textKey(key, revision));
    await entries.put(JSON.stringify(states), statesKey(key));
    for (const old of gone) await entries.delete(textKey(key, old));
  }
}

async function putWhole(entries: Entries, { key, states }: Adopted): Promise<void> {
  const { revision: stored } = standingOf(key, await entries.get(key));
  if (stored !== 0) throw new Overtaken(key, stored);
  const [newest] = states;
  if (!newest) return;
  await entries.put(entryOf(newest), key);
  await entries.put(JSON.stringify(states.map(({ text: _, ...state }) => state)), statesKey(key));
  for (const { revision, text } of states) await entries.put(text ?? "null", textKey(key, revision));
}
