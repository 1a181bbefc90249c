import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { allOrNone } from "./all-or-none";
import type { Entries } from "./entries";
import { reopening } from "./reopening";

/** The database of the records; the first versions kept a journal of other stores under the plain name. */
const DATABASE = "bright-perch-records";
const ENTRIES = "entries";

/** As AsyncStorage lays it out, whose database it is. */
interface Schema extends DBSchema {
  entries: { key: string; value: string };
}

const startingWith = (prefix: string): IDBKeyRange => IDBKeyRange.bound(prefix, `${prefix}\uffff`);

/**
 * The entries of AsyncStorage, whose web side is IndexedDB. One is read through it. What is written goes to the same entries by a
 * connection of ours, since AsyncStorage's own writes compare nothing and do not wait for the disk: within one strict transaction two
 * tabs cannot both win. Rejects where the browser has no IndexedDB or blocks it.
 */
export async function openEntries(name = DATABASE): Promise<Entries> {
  const storage = createAsyncStorage(name);
  const within = reopening(() => open(name));
  // AsyncStorage makes the database, before we open it.
  await storage.getItem("bp/kit");
  await within(() => Promise.resolve());
  return {
    // A connection that the browser closed stays closed in AsyncStorage; ours is opened anew.
    get: (key) => storage.getItem(key).catch(() => within((db) => db.get(ENTRIES, key))),
    list: (prefix) =>
      within(async (db) => {
        const { store } = db.transaction(ENTRIES);
        const range = startingWith(prefix);
        const [keys, values] = await Promise.all([store.getAllKeys(range), store.getAll(range)]);
        return keys.map((key, i) => [key, values[i]!] as const);
      }),
    change: (work) =>
      within((db) => {
        const tx = db.transaction(ENTRIES, "readwrite", { durability: "strict" });
        const { store } = tx;
        return allOrNone(tx, () =>
          work({
            get: (key) => store.get(key),
            put: (key, text) => store.put(text, key),
            delete: (key) => store.delete(key),
            keys: (prefix) => store.getAllKeys(startingWith(prefix)),
            deleteAll: (prefix) => store.delete(startingWith(prefix)),
          }),
        );
      }),
  };
}

/** At the version of AsyncStorage and as it would be made by it: a higher one would shut it out. */
const open = (name: string): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(name, 1, {
    upgrade: (made) => void made.createObjectStore(ENTRIES),
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });
