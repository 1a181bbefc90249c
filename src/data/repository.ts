import { absent, present, type Absent } from "@/core/units";
import type { Along, Standing, State } from "./store/entries";
import type { Store, Write } from "./store/store";
import { faultsOf, fromJson, parseRecord, type Fault, type Parsed, type RecordKind } from "./migrate";
import { outingFaults } from "./outing-faults";
import { namesOf, ONE_KINDS, OUTING_RECORD, type Kinds, type OneKind, type RecordOf } from "./records";
import type { Outing, Places, Preferences, StoredKit } from "./schema";

/** What the key of an outing begins with, before its id. */
export const OUTING_PREFIX = "bp/outing/";

const KIT_KEY = ONE_KINDS.kit.key;

export type SaveFailure = "storage-full" | "storage-failed" | "overtaken" | "refused" | "unreadable";
export type NotSaved = Absent<SaveFailure> & {
  /** Why the schema would not read it again; with "refused" alone. */
  readonly faults?: readonly Fault[];
};
export type Saved<T> = { readonly ok: true; readonly value: T } | NotSaved;

/** A record that stands in the storage but cannot be read, with its raw text so that it can be carried away. */
export interface Unreadable {
  readonly id: string;
  readonly raw: string;
  readonly faults: readonly Fault[];
}

export type ReadFailure = Absent<"missing"> | (Absent<"unreadable"> & { readonly unreadable: Unreadable });
export type Read<T> = { readonly ok: true; readonly value: T } | ReadFailure;
/** What was read with the revision at which it stands, which a write of it follows; 0 where nothing was ever written. */
export type ReadAt<T> = Read<T> & { readonly revision: number };

/** What a first start puts in: the demo, or an empty list with a bag to begin with. */
export interface Beginning {
  readonly outings: readonly Outing[];
  readonly kit: StoredKit;
  readonly preferences?: Preferences;
  readonly places?: Places;
}

/** What was done, and where an undo and a redo of it lead: kept with a state. */
export type Note = Pick<Write, "change" | "undoTo" | "redoTo">;

export interface Deleted {
  readonly outing: Outing;
  /** Epoch milliseconds. */
  readonly deletedAt: number;
}

/** Records that are kept together or not at all. */
export type Together<R = RecordOf> = Partial<R> & {
  readonly outings?: readonly Outing[];
  /** Ids of outings that are taken away with it. */
  readonly removed?: readonly string[];
  /** The revisions that records beside the outings follow; of one that is left out the one that stands. */
  readonly follows?: Readonly<Partial<Record<keyof R, number>>>;
};

export interface Repository<R extends RecordOf = RecordOf> {
  listOutings(): Promise<{ readonly outings: Outing[]; readonly unreadable: Unreadable[] }>;
  readOuting(id: string): Promise<Read<Outing>>;
  /** Writes an outing whose revision is the stored one, and gives it back with the next. */
  saveOuting(outing: Outing, note?: Note): Promise<Saved<Outing>>;
  /** A removal is a state like any other: what was removed is among its earlier states. */
  removeOuting(id: string): Promise<Saved<true>>;
  /** A deleted outing and every earlier state of it are gone for good; one that stands is not deleted by this. */
  forgetOuting(id: string): Promise<Saved<true>>;
  /** Outings that were deleted, each as it was last, the latest first; as long as their states are kept. */
  deletedOutings(): Promise<readonly Deleted[]>;
  /** A record beside the outings; what it begins as until something is written, where its kind has that. */
  read<N extends keyof R>(name: N): Promise<ReadAt<R[N]>>;
  /** Such records have no revision of their own: a write names the one that was read, and is refused after another. */
  save<N extends keyof R>(name: N, record: R[N], follows: number, note?: Note): Promise<Saved<R[N]>>;
  /** Writes an outing over what stands there and cannot be read; that stays among its earlier states. */
  replaceUnreadable(outing: Outing): Promise<Saved<Outing>>;
  /** All of it and of what goes along, or nothing; gives the outings back with their next revisions. */
  saveTogether(records: Together<R>, along?: Along): Promise<Saved<readonly Outing[]>>;
  /** The states of an outing that are kept, newest first. */
  statesOfOuting(id: string): Promise<readonly State[]>;
  /** An outing as it was at a revision. */
  outingAt(id: string, revision: number): Promise<Read<Outing>>;
  /** The states of a record beside the outings that are kept, newest first. */
  statesOfRecord(name: keyof R): Promise<readonly State[]>;
  recordAt<N extends keyof R>(name: N, revision: number): Promise<Read<R[N]>>;
  /** What stands under a name and cannot be read is taken away; it stays among the earlier states. */
  removeRecord(name: keyof R): Promise<Saved<true>>;
  /** Whether anything was begun here, or everything was deleted. */
  isBegun(): Promise<boolean>;
  /** Puts a beginning in once for ever, loading it only then: what the user deletes stays deleted. */
  begin(load: () => Promise<Beginning>): Promise<Saved<true>>;
  /** Takes away every record of this application, as if it had never been opened. */
  removeEverything(): Promise<void>;
}

/**
 * One key per record, listed by scan, no index that could fall out of step. Every write passes its schema, follows the
 * revision that its writer saw, and is kept whole or not at all; the stored record stays when it fails. `onWritten` hears of
 * every write that was kept, by the keys of its records.
 */
export function createRepository(store: Store, onWritten?: (keys: readonly string[]) => void): Repository;
export function createRepository<R extends RecordOf>(
  store: Store,
  onWritten: (keys: readonly string[]) => void,
  kinds: Kinds<R>,
): Repository<R>;
export function createRepository<R extends RecordOf>(
  store: Store,
  onWritten: (keys: readonly string[]) => void = () => undefined,
  kinds = ONE_KINDS as unknown as Kinds<R>,
): Repository<R> {
  const keep = keeperOf(store, onWritten);
  const outingsAt = readableOutings();
  const textAt = async <T>(
    kind: RecordKind<T>,
    key: string,
    id: string,
    revision: number,
  ): Promise<Read<T>> => {
    const text = await store.textOf(key, revision);
    return typeof text === "string" ? readText(kind, text, id) : absent("missing");
  };
  const remove = async (key: string): Promise<Saved<true>> => {
    const stood = await store.standing(key);
    if (stood.text === null) return present(true);
    return (await keep([{ key, follows: stood.revision, text: null }])) ?? present(true);
  };
  const repository: Repository<R> = {
    listOutings: () => listOutings(store),
    readOuting: async (id) => outingsAt.read(await store.standing(OUTING_PREFIX + id)),
    saveOuting: async (outing, note) => {
      const saved = await keepOutings({ store, keep, outingsAt }, [outing], [], note);
      return saved.ok ? present(saved.value[0]!) : saved;
    },
    deletedOutings: async () => {
      const gone = (await store.all(OUTING_PREFIX)).filter(({ text }) => text === null);
      const found = await Promise.all(gone.map(({ key }) => deletedAt(store, key)));
      return found.flatMap((one) => one ?? []).toSorted((a, b) => b.deletedAt - a.deletedAt);
    },
    removeOuting: (id) => remove(OUTING_PREFIX + id),
    forgetOuting: async (id) => {
      const key = OUTING_PREFIX + id;
      const { text, revision } = await store.standing(key);
      // What stands is deleted first, where everybody sees it.
      if (text !== null) return { ok: false, reason: "overtaken", stored: revision };
      return store.forget(key).then(
        () => present(true),
        () => ({ ok: false, reason: "storage-failed" }),
      );
    },
    read: (name) => readBare(store, kinds[name], String(name)),
    save: async (name, record, follows, note) => {
      const failed = await keep([await bareWrite(store, kinds[name], { record, follows, note })]);
      return failed ?? present(record);
    },
    replaceUnreadable: async (outing) => {
      const faults = outingFaults(outing);
      if (faults.length > 0) return refused(faults);
      const key = OUTING_PREFIX + outing.id;
      const follows = (await store.standing(key)).revision;
      const next = { ...outing, revision: follows + 1 };
      return (await keep([{ key, follows, text: JSON.stringify(next) }])) ?? present(next);
    },
    saveTogether: async (records, along) => {
      const { outings = [], removed = [], follows = {} } = records as Together;
      const isBrought = namesOf(kinds).filter((name) => records[name] !== undefined);
      const beside = await Promise.all([
        ...removed.map(async (id): Promise<Checked> => {
          const key = OUTING_PREFIX + id;
          return { key, follows: (await store.standing(key)).revision, text: null };
        }),
        ...isBrought.map((name) => {
          const at = (follows as Partial<Record<string, number>>)[name];
          return bareWrite(store, kinds[name], { record: records[name]!, follows: at });
        }),
      ]);
      const saved = await keepOutings({ store, keep, outingsAt }, outings, beside, undefined, along);
      await along?.ended(saved.ok);
      return saved;
    },
    statesOfOuting: (id) => store.states(OUTING_PREFIX + id),
    outingAt: (id, revision) => textAt(OUTING_RECORD, OUTING_PREFIX + id, id, revision),
    statesOfRecord: (name) => store.states(kinds[name].key),
    recordAt: (name, revision) => textAt(kinds[name], kinds[name].key, String(name), revision),
    removeRecord: (name) => remove(kinds[name].key),
    isBegun: async () => (await store.standing(KIT_KEY)).revision > 0,
    begin: (load) => begin(repository as unknown as Repository, store, load),
    removeEverything: () => store.clear(),
  };
  return repository;
}

const refused = (faults: readonly Fault[]): NotSaved => ({ ok: false, reason: "refused", faults });

type Checked = Write | NotSaved;
type Keep = (writes: readonly Checked[], along?: Along) => Promise<NotSaved | undefined>;

/** Keeps writes that passed their schemas. */
const keeperOf =
  (store: Store, onWritten: (keys: readonly string[]) => void): Keep =>
  async (writes, along) => {
    const failed = writes.find((w): w is NotSaved => "ok" in w);
    if (failed) return failed;
    const good = writes as readonly Write[];
    const written = await store.write(good, along);
    if (!written.ok)
      return written.reason === "overtaken"
        ? absent("overtaken", {
            stored: written.stored,
            mine: good.find((w) => w.key === written.key)!.follows,
          })
        : absent(written.reason);
    onWritten(good.map(({ key }) => key));
    return undefined;
  };

/** A record that has no revision of its own: it follows the one that its writer read, or the one that stands. */
async function bareWrite<T>(
  store: Store,
  { schema, key }: OneKind<T>,
  { record, follows, note }: { readonly record: T; readonly follows?: number; readonly note?: Note },
): Promise<Checked> {
  const parsed = schema.safeParse(record);
  if (!parsed.success) return refused(faultsOf(parsed.error));
  const stood = await store.standing(key);
  return { ...over(stood, JSON.stringify(record)), follows: follows ?? stood.revision, ...note };
}

/** A write over what stands; where that is of another version, its state is kept for good. */
const over = ({ key, revision, text: stood }: Standing, text: string): Write => ({
  key,
  follows: revision,
  text,
  ...(stood !== null && versionIn(stood) !== versionIn(text) && { raises: true }),
});

/** No part of a record has a version of its own; nothing where the text is no record. */
const versionIn = (text: string): string | undefined => /"version":(\d+)/.exec(text)?.[1];

/**
 * Outings with what is to be kept beside them. A new outing has revision 0 and nothing stored; any other must follow the
 * stored revision. What stands there and cannot be read is never written over.
 */
async function keepOutings(
  { store, keep, outingsAt }: { store: Store; keep: Keep; outingsAt: ReadableOutings },
  outings: readonly Outing[],
  beside: readonly Checked[],
  note?: Note,
  along?: Along,
): Promise<Saved<readonly Outing[]>> {
  const next: Outing[] = [];
  const writes: Checked[] = [...beside];
  for (const outing of outings) {
    const key = OUTING_PREFIX + outing.id;
    const stood = await store.standing(key);
    const faults = outingFaults(outing);
    if (faults.length > 0) return refused(faults);
    if (stood.text !== null && !outingsAt.isReadable(stood))
      return absent("overtaken", { mine: outing.revision });
    const isNewAfterRemoval = stood.text === null && outing.revision === 0;
    const follows = isNewAfterRemoval ? stood.revision : outing.revision;
    next.push({ ...outing, revision: follows + 1 });
    writes.push({ ...over(stood, JSON.stringify(next.at(-1))), follows, ...note });
  }
  const failed = await keep(writes, along);
  if (!failed) for (const { id, revision } of next) outingsAt.note(OUTING_PREFIX + id, revision);
  return failed ?? present(next);
}

/** Which revision of an outing this page has read or written: what it knows is not read again at every write. */
interface ReadableOutings {
  read(stood: Standing): Read<Outing>;
  isReadable(stood: Standing): boolean;
  note(key: string, revision: number): void;
}

function readableOutings(): ReadableOutings {
  const known = new Map<string, number>();
  const read = (stood: Standing): Read<Outing> => {
    const { key, revision } = stood;
    const found = readStood(OUTING_RECORD, stood, key.slice(OUTING_PREFIX.length));
    if (found.ok) known.set(key, revision);
    return found;
  };
  return {
    read,
    isReadable: (stood) => known.get(stood.key) === stood.revision || read(stood).ok,
    note: (key, revision) => void known.set(key, revision),
  };
}

/** A record that has no revision of its own, with the one at which it stands. */
async function readBare<T>(store: Store, kind: OneKind<T>, name: string): Promise<ReadAt<T>> {
  const stood = await store.standing(kind.key);
  const read = readStood(kind, stood, name);
  const isUnbegun = !read.ok && read.reason === "missing" && kind.begins !== undefined;
  return { ...(isUnbegun ? present(kind.begins as T) : read), revision: stood.revision };
}

const readStood = <T>(kind: RecordKind<T>, { text }: Standing, id: string): Read<T> =>
  text === null ? absent("missing") : readText(kind, text, id);

function readText<T>(kind: RecordKind<T>, raw: string, id: string): Read<T> {
  const parsed: Parsed<T> = parseRecord(kind, fromJson(raw));
  if (parsed.ok) return parsed;
  return { ok: false, reason: "unreadable", unreadable: { id, raw, faults: parsed.faults } };
}

async function listOutings(store: Store) {
  const stood = await store.all(OUTING_PREFIX);
  const reads = stood.flatMap(({ key, text }) =>
    text === null ? [] : [readText(OUTING_RECORD, text, key.slice(OUTING_PREFIX.length))],
  );
  const outings = reads.flatMap((read) => (read.ok ? [read.value] : []));
  const unreadable = reads.flatMap((read) =>
    !read.ok && read.reason === "unreadable" ? [read.unreadable] : [],
  );
  outings.sort((a, b) => a.date.localeCompare(b.date) || a.from.localeCompare(b.from));
  return { outings, unreadable };
}

/** What a removed outing was before, where that is still kept and can be read. */
async function deletedAt(store: Store, key: string): Promise<Deleted | undefined> {
  const [removal, before] = await store.states(key);
  const text = before && (await store.textOf(key, before.revision));
  if (!removal?.removed || typeof text !== "string") return undefined;
  const read = readText(OUTING_RECORD, text, key.slice(OUTING_PREFIX.length));
  return read.ok ? { outing: read.value, deletedAt: removal.savedAt } : undefined;
}

async function begin(
  repository: Repository,
  store: Store,
  load: () => Promise<Beginning>,
): Promise<Saved<true>> {
  if (await repository.isBegun()) return present(true);
  const { outings, kit, preferences, places } = await load();
  const isThere = async (key: string): Promise<boolean> => (await store.standing(key)).text !== null;
  const fresh: Outing[] = [];
  for (const outing of outings) if (!(await isThere(OUTING_PREFIX + outing.id))) fresh.push(outing);
  const isFirst = async (kind: "preferences" | "places"): Promise<boolean> =>
    !(await isThere(ONE_KINDS[kind].key));
  const saved = await repository.saveTogether({
    outings: fresh,
    ...((await isThere(KIT_KEY)) ? {} : { kit }),
    ...(preferences && (await isFirst("preferences")) && { preferences }),
    ...(places && (await isFirst("places")) && { places }),
  });
  return saved.ok ? present(true) : saved;
}
