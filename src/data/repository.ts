import { absent, present, type Absent, type Maybe } from "@/core/units";
import { parseRecord, type Fault, type RecordKind } from "./migrate";
import {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  KIT_RECORD,
  LIBRARY_RECORD,
  PREFERENCES_RECORD,
  SHOOT_RECORD,
} from "./records";
import type { Library, Preferences, Shoot, StoredKit } from "./schema";

/** The few calls of AsyncStorage that are used; tests hand in a map. */
export interface KeyValueStore {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  removeItem(key: string): Promise<void>;
  getAllKeys(): Promise<readonly string[]>;
}

const SHOOT_PREFIX = "bp/shoot/";
const KIT_KEY = "bp/kit";
const PREFERENCES_KEY = "bp/preferences";
const LIBRARY_KEY = "bp/library";
const SEEDED_KEY = "bp/seeded";
const OURS = "bp/";

export type SaveFailure = "storage-full" | "storage-failed" | "overtaken";
export type Saved<T> = Maybe<T, SaveFailure>;

/** A record that stands in the storage but cannot be read, with its raw text so that it can be carried away. */
export interface Unreadable {
  readonly id: string;
  readonly raw: string;
  readonly faults: readonly Fault[];
}

export type ReadFailure = Absent<"missing"> | (Absent<"unreadable"> & { readonly unreadable: Unreadable });
type Read<T> = { readonly ok: true; readonly value: T } | ReadFailure;

/** What a first start puts in: the demo, or an empty list with a bag to begin with. */
export interface Beginning {
  readonly shoots: readonly Shoot[];
  readonly kit: StoredKit;
}

export interface Repository {
  listShoots(): Promise<{ readonly shoots: Shoot[]; readonly unreadable: Unreadable[] }>;
  readShoot(id: string): Promise<Read<Shoot>>;
  /** Writes a shoot whose revision is the stored one, and gives it back with the next. */
  saveShoot(shoot: Shoot): Promise<Saved<Shoot>>;
  removeShoot(id: string): Promise<void>;
  readKit(): Promise<Read<StoredKit>>;
  saveKit(kit: StoredKit): Promise<Saved<StoredKit>>;
  readPreferences(): Promise<Preferences>;
  savePreferences(preferences: Preferences): Promise<Saved<Preferences>>;
  /** The user's own part of the library; empty until something is copied, or when it cannot be read. */
  readLibrary(): Promise<Read<Library>>;
  saveLibrary(library: Library): Promise<Saved<Library>>;
  /** Whether anything was begun here, or everything was deleted. */
  isBegun(): Promise<boolean>;
  /** Puts a beginning in once for ever, loading it only then: what the user deletes stays deleted. */
  begin(load: () => Promise<Beginning>): Promise<Saved<true>>;
  /** Takes away every record of this application, as if it had never been opened. */
  removeEverything(): Promise<void>;
}

/**
 * One key per record, listed by scan, no index that could fall out of step. Every write is one `setItem`: it happens
 * whole or not at all, and the stored record stays when it fails.
 */
export function createRepository(store: KeyValueStore): Repository {
  const write = (key: string, value: unknown) => writeRecord(store, key, value);
  return {
    listShoots: () => listShoots(store),
    readShoot: (id) => readRecord(store, SHOOT_RECORD, SHOOT_PREFIX + id, id),
    saveShoot: (shoot) => saveShoot(store, shoot),
    removeShoot: (id) => store.removeItem(SHOOT_PREFIX + id),
    readKit: () => readRecord(store, KIT_RECORD, KIT_KEY, "kit"),
    saveKit: async (kit) => (await write(KIT_KEY, kit)) ?? present(kit),
    readPreferences: async () => {
      const read = await readRecord(store, PREFERENCES_RECORD, PREFERENCES_KEY, "preferences");
      return read.ok ? read.value : DEFAULT_PREFERENCES;
    },
    savePreferences: async (preferences) =>
      (await write(PREFERENCES_KEY, preferences)) ?? present(preferences),
    readLibrary: async () => {
      const read = await readRecord(store, LIBRARY_RECORD, LIBRARY_KEY, "library");
      return !read.ok && read.reason === "missing" ? present(EMPTY_LIBRARY) : read;
    },
    saveLibrary: async (library) => (await write(LIBRARY_KEY, library)) ?? present(library),
    isBegun: async () => (await store.getItem(SEEDED_KEY)) !== null,
    begin: (load) => begin(store, load),
    removeEverything: async () => {
      const keys = (await store.getAllKeys()).filter((key) => key.startsWith(OURS));
      await Promise.all(keys.map((key) => store.removeItem(key)));
    },
  };
}

async function readRecord<T>(
  store: KeyValueStore,
  kind: RecordKind<T>,
  key: string,
  id: string,
): Promise<Read<T>> {
  const raw = await store.getItem(key);
  if (raw === null) return absent("missing");
  const parsed = parseRecord(kind, fromJson(raw));
  if (parsed.ok) return parsed;
  return { ok: false, reason: "unreadable", unreadable: { id, raw, faults: parsed.faults } };
}

function fromJson(raw: string): unknown {
  try {
    return JSON.parse(raw);
  } catch {
    return undefined;
  }
}

async function listShoots(store: KeyValueStore) {
  const keys = (await store.getAllKeys()).filter((key) => key.startsWith(SHOOT_PREFIX));
  const reads = await Promise.all(
    keys.map((key) => readRecord(store, SHOOT_RECORD, key, key.slice(SHOOT_PREFIX.length))),
  );
  const shoots = reads.flatMap((read) => (read.ok ? [read.value] : []));
  const unreadable = reads.flatMap((read) =>
    !read.ok && read.reason === "unreadable" ? [read.unreadable] : [],
  );
  shoots.sort((a, b) => a.date.localeCompare(b.date) || a.from.localeCompare(b.from));
  return { shoots, unreadable };
}

/**
 * A new shoot has revision 0 and nothing stored; any other must follow the stored revision. What stands there and cannot
 * be read is never written over.
 */
async function saveShoot(store: KeyValueStore, shoot: Shoot): Promise<Saved<Shoot>> {
  const key = SHOOT_PREFIX + shoot.id;
  const stored = await readRecord(store, SHOOT_RECORD, key, shoot.id);
  if (!stored.ok && stored.reason === "unreadable") return absent("overtaken", { mine: shoot.revision });
  const standing = stored.ok ? stored.value.revision : 0;
  if (standing !== shoot.revision) return absent("overtaken", { stored: standing, mine: shoot.revision });
  const next = { ...shoot, revision: shoot.revision + 1 };
  return (await writeRecord(store, key, next)) ?? present(next);
}

async function writeRecord(
  store: KeyValueStore,
  key: string,
  value: unknown,
): Promise<Absent<SaveFailure> | undefined> {
  try {
    await store.setItem(key, typeof value === "string" ? value : JSON.stringify(value));
    return undefined;
  } catch (error) {
    return absent(isQuota(error) ? "storage-full" : "storage-failed");
  }
}

/** Browsers name the full storage differently; all of them say "quota". The error may come from another realm. */
function isQuota(error: unknown): boolean {
  const { name, message } = (error ?? {}) as { name?: unknown; message?: unknown };
  return /quota/i.test(`${String(name)} ${String(message)}`);
}

async function begin(store: KeyValueStore, load: () => Promise<Beginning>): Promise<Saved<true>> {
  if ((await store.getItem(SEEDED_KEY)) !== null) return present(true);
  const { shoots, kit } = await load();
  if ((await store.getItem(KIT_KEY)) === null) {
    const failed = await writeRecord(store, KIT_KEY, kit);
    if (failed) return failed;
  }
  for (const shoot of shoots) {
    if ((await store.getItem(SHOOT_PREFIX + shoot.id)) !== null) continue;
    const saved = await saveShoot(store, shoot);
    if (!saved.ok) return saved;
  }
  return (await writeRecord(store, SEEDED_KEY, "1")) ?? present(true);
}
