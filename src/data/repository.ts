import { absent, present, type Absent, type Maybe } from "@/core/units";
import { parseRecord, type Fault, type RecordKind } from "./migrate";
import {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  KIT_RECORD,
  LIBRARY_RECORD,
  PREFERENCES_RECORD,
  OUTING_RECORD,
} from "./records";
import { OLD_OUTING_PREFIX } from "./old-names";
import type { Library, Preferences, Outing, StoredKit } from "./schema";

/** The few calls of AsyncStorage that are used; tests hand in a map. */
export interface KeyValueStore {
  getItem(key: string): Promise<string | null>;
  setItem(key: string, value: string): Promise<void>;
  removeItem(key: string): Promise<void>;
  getAllKeys(): Promise<readonly string[]>;
}

const OUTING_PREFIX = "bp/outing/";
const KIT_KEY = "bp/kit";
const PREFERENCES_KEY = "bp/preferences";
const LIBRARY_KEY = "bp/library";
const SEEDED_KEY = "bp/seeded";
/** Records as they stood before they were raised to a newer version, so that nothing is lost by it. */
const BEFORE_PREFIX = "bp/before/";
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
  readonly outings: readonly Outing[];
  readonly kit: StoredKit;
}

export interface Repository {
  listOutings(): Promise<{ readonly outings: Outing[]; readonly unreadable: Unreadable[] }>;
  readOuting(id: string): Promise<Read<Outing>>;
  /** Writes an outing whose revision is the stored one, and gives it back with the next. */
  saveOuting(outing: Outing): Promise<Saved<Outing>>;
  removeOuting(id: string): Promise<void>;
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
    listOutings: () => listOutings(store),
    readOuting: async (id) => readRecord(store, OUTING_RECORD, await keyOfOuting(store, id), id),
    saveOuting: (outing) => saveOuting(store, outing),
    removeOuting: async (id) => {
      for (const prefix of [OLD_OUTING_PREFIX, BEFORE_PREFIX, OUTING_PREFIX])
        await store.removeItem(prefix + id);
    },
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

/** The id of the outing that a key names, under its present or its old prefix. */
const outingIdOf = (key: string): string[] =>
  [OUTING_PREFIX, OLD_OUTING_PREFIX].filter((p) => key.startsWith(p)).map((p) => key.slice(p.length));

/** Where an outing stands: under its old key until it is saved again. */
const keyOfOuting = async (store: KeyValueStore, id: string): Promise<string> =>
  (await store.getItem(OUTING_PREFIX + id)) === null && (await store.getItem(OLD_OUTING_PREFIX + id)) !== null
    ? OLD_OUTING_PREFIX + id
    : OUTING_PREFIX + id;

/**
 * Keeps what stood under a key before an older record is saved as a newer one, and takes the old key away. Where there is
 * no room for both the newer record counts.
 */
async function keepBefore(store: KeyValueStore, id: string, from: string, raw: string): Promise<void> {
  const old = from.startsWith(OLD_OUTING_PREFIX);
  const version = (fromJson(raw) as { version?: unknown } | undefined)?.version;
  if (!old && version === OUTING_RECORD.version) return;
  const failed = await writeRecord(store, `${BEFORE_PREFIX}${id}`, raw);
  if (old && !failed) await store.removeItem(from);
}

async function listOutings(store: KeyValueStore) {
  const ids = new Set((await store.getAllKeys()).flatMap(outingIdOf));
  const reads = await Promise.all(
    [...ids].map(async (id) => readRecord(store, OUTING_RECORD, await keyOfOuting(store, id), id)),
  );
  const outings = reads.flatMap((read) => (read.ok ? [read.value] : []));
  const unreadable = reads.flatMap((read) =>
    !read.ok && read.reason === "unreadable" ? [read.unreadable] : [],
  );
  outings.sort((a, b) => a.date.localeCompare(b.date) || a.from.localeCompare(b.from));
  return { outings, unreadable };
}

/**
 * A new outing has revision 0 and nothing stored; any other must follow the stored revision. What stands there and cannot
 * be read is never written over.
 */
async function saveOuting(store: KeyValueStore, outing: Outing): Promise<Saved<Outing>> {
  const key = await keyOfOuting(store, outing.id);
  const raw = await store.getItem(key);
  const stored = await readRecord(store, OUTING_RECORD, key, outing.id);
  if (!stored.ok && stored.reason === "unreadable") return absent("overtaken", { mine: outing.revision });
  const standing = stored.ok ? stored.value.revision : 0;
  if (standing !== outing.revision) return absent("overtaken", { stored: standing, mine: outing.revision });
  const next = { ...outing, revision: outing.revision + 1 };
  const failed = await writeRecord(store, OUTING_PREFIX + outing.id, next);
  if (failed) return failed;
  if (raw !== null) await keepBefore(store, outing.id, key, raw);
  return present(next);
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
  const { outings, kit } = await load();
  if ((await store.getItem(KIT_KEY)) === null) {
    const failed = await writeRecord(store, KIT_KEY, kit);
    if (failed) return failed;
  }
  for (const outing of outings) {
    if ((await store.getItem(await keyOfOuting(store, outing.id))) !== null) continue;
    const saved = await saveOuting(store, outing);
    if (!saved.ok) return saved;
  }
  return (await writeRecord(store, SEEDED_KEY, "1")) ?? present(true);
}
