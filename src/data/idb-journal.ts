import { openDB, type DBSchema, type IDBPDatabase, type IDBPTransaction } from "idb";
import { allOrNone } from "./all-or-none";
import { reopening } from "./reopening";
import {
  expired,
  failureOf,
  standingRevision,
  type Journal,
  type Standing,
  type State,
  type Write,
  type Written,
} from "./journal";

interface Schema extends DBSchema {
  /** The present state of every record. */
  records: { key: string; value: Standing };
  /** What is known of every kept state, and apart from it its text: a list of states loads no text. */
  states: { key: [string, number]; value: State & { readonly key: string } };
  texts: { key: [string, number]; value: { key: string; revision: number; text: string | null } };
}

const STORES = ["records", "states", "texts"] as const;
type Change = IDBPTransaction<Schema, typeof STORES, "readwrite">;

/** Every revision of a key. */
const statesOf = (key: string): IDBKeyRange => IDBKeyRange.bound([key, 0], [key, Infinity]);

/**
 * The journal in IndexedDB. A write compares and puts within one strict transaction: two tabs cannot both win, and what was
 * told as kept is on the disk. Rejects where the browser has no IndexedDB or blocks it.
 */
export async function openIdbJournal(name = "bright-perch"): Promise<Journal> {
  const within = reopening(() => open(name));
  await within(() => Promise.resolve());
  return {
    standing: (key) => within((db) => db.get("records", key)),
    all: (prefix) => within((db) => db.getAll("records", IDBKeyRange.bound(prefix, `${prefix}\uffff`))),
    write: async (writes) => {
      try {
        return await within((db) => write(db, writes));
      } catch (error) {
        return failureOf(error);
      }
    },
    states: async (key) => (await within((db) => db.getAll("states", statesOf(key)))).toReversed(),
    textOf: async (key, revision) => (await within((db) => db.get("texts", [key, revision])))?.text,
    forget: (key) =>
      within(async (db) => {
        const tx = db.transaction(STORES, "readwrite", { durability: "strict" });
        await allOrNone(tx, async () => {
          await tx.objectStore("records").delete(key);
          for (const store of ["states", "texts"] as const) await tx.objectStore(store).delete(statesOf(key));
        });
      }),
    clear: () =>
      within(async (db) => {
        const tx = db.transaction(STORES, "readwrite", { durability: "strict" });
        await Promise.all([...STORES.map((store) => tx.objectStore(store).clear()), tx.done]);
      }),
  };
}

const open = (name: string): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(name, 1, {
    upgrade(made) {
      made.createObjectStore("records", { keyPath: "key" });
      made.createObjectStore("states", { keyPath: ["key", "revision"] });
      made.createObjectStore("texts", { keyPath: ["key", "revision"] });
    },
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

/** Rejects where the database refuses; somebody else's write in between is an answer. */
async function write(db: IDBPDatabase<Schema>, writes: readonly Write[]): Promise<Written> {
  const tx = db.transaction(STORES, "readwrite", { durability: "strict" });
  try {
    await allOrNone(tx, async () => {
      for (const one of writes) {
        const stored = standingRevision(one, await tx.objectStore("records").get(one.key));
        if (stored !== one.follows) throw new Overtaken(one.key, stored);
        await put(tx, one, Date.now());
      }
    });
    return { ok: true };
  } catch (error) {
    if (!(error instanceof Overtaken)) throw error;
    return { ok: false, reason: "overtaken", key: error.key, stored: error.stored };
  }
}

async function put(tx: Change, one: Write, savedAt: number): Promise<void> {
  const { key, text, stood, follows, ...rest } = one;
  const revision = follows + 1;
  const states = tx.objectStore("states");
  const texts = tx.objectStore("texts");
  if (stood && !(await states.get([key, stood.revision]))) {
    await states.put({ key, revision: stood.revision, savedAt, removed: false });
    await texts.put({ key, ...stood });
  }
  await tx.objectStore("records").put({ key, revision, text });
  await states.put({ key, revision, savedAt, removed: text === null, ...rest });
  await texts.put({ key, revision, text });
  for (const old of expired(await states.getAll(statesOf(key)))) {
    await states.delete([key, old]);
    await texts.delete([key, old]);
  }
}
