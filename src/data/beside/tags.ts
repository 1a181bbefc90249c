import type { Along, Entries, EntriesChange } from "../store/entries";
import { failureOf } from "../store/store";
import { tagSchema, type Tag } from "../schema/tag";
import { done, lettingGo, naming, type Change } from "./along";
import type { Bytes, BytesRef } from "./bytes";

/** Tags that one entry holds: a press writes one entry, however many there are. */
export const CHUNK = 100;

/** A tag that was deleted and can be brought back, with what was spoken. */
export interface RemovedTag {
  readonly tag: Tag;
  readonly sound?: Blob;
  /** Epoch milliseconds. */
  readonly removedAt: number;
}

/** A tag of a file, with the outing that it comes to. */
export interface BroughtTag {
  readonly outingId: string;
  readonly tag: Tag;
  readonly sound?: Blob;
}

export type TagKept =
  { readonly ok: true } | { readonly ok: false; readonly reason: "storage-full" | "storage-failed" };

/** A deleted tag as it is kept. */
export type StoredRemovedTag = Omit<RemovedTag, "sound"> & { readonly sound?: BytesRef };

const CHUNKS = "tags/";
const SOUNDS = "tag-sounds/";
const REMOVED = "tags-removed/";
const PREFIXES = [CHUNKS, SOUNDS, REMOVED] as const;

/** Chunks of an outing are numbered from 0; their keys are sorted as their numbers are. */
const chunkKey = (outingId: string, number: number): string =>
  `${CHUNKS}${outingId}/${String(number).padStart(6, "0")}`;
export const soundKey = (outingId: string, tagId: string): string => `${SOUNDS}${outingId}/${tagId}`;
export const removedKey = (outingId: string, tagId: string): string => `${REMOVED}${outingId}/${tagId}`;

/**
 * Tags of an outing and what was spoken with them, beside its record: each press is a small write of one entry. Without room a write
 * says so and changes nothing. What is spoken lies among the bytes, kept before the tag that names it.
 */
export interface Tags {
  /** In the order in which they were given; what cannot be read is left where it is and not among them. */
  of(outingId: string): Promise<Tag[]>;
  /** Keeps a further tag, with its sound where it was spoken: both or neither. */
  add(outingId: string, tag: Tag, sound?: Blob): Promise<TagKept>;
  /** Writes a tag in the place of the one with its id; one that was deleted elsewhere meanwhile comes back with what was said of it. */
  change(outingId: string, tag: Tag): Promise<TagKept>;
  /** Takes a tag away, and what was spoken with it; both can be brought back until they are swept or room is asked for. */
  remove(outingId: string, tagId: string, removedAt: number): Promise<TagKept>;
  /** Tags of an outing that can be brought back, the last deleted first. */
  removedOf(outingId: string): Promise<RemovedTag[]>;
  /** Brings a deleted tag back with what was spoken; false where it is not among the deleted ones, or could not be kept. */
  bringBack(outingId: string, tagId: string): Promise<boolean>;
  /** What was deleted before an instant, epoch milliseconds, is gone for good; how many tags that were. Rejects where it is not. */
  sweep(before: number): Promise<number>;
  /** Keeps what was spoken with a tag that stands without it. */
  addSound(outingId: string, tagId: string, sound: Blob): Promise<TagKept>;
  /** To be written: tags beside those of their outings. What is spoken is kept before; rejects where it finds no room. */
  bringing(brought: readonly BroughtTag[]): Promise<Along>;
  /** To be written: what was brought goes. */
  takingAway(brought: readonly BroughtTag[]): Along;
  /** How many of an outing's tags were spoken and have their sound. */
  countSounds(outingId: string): Promise<number>;
  soundOf(outingId: string, tagId: string): Promise<Blob | undefined>;
  /**
   * Writes every tag of every outing anew, deleted ones too; one of which nothing is left goes, and whatever changed loses what was
   * spoken with it, which nobody can tell. There is no way back.
   */
  rewrite(by: (tag: Tag) => Tag | undefined): Promise<TagKept & { tags: number; sounds: number }>;
  /** Takes away every tag of an outing that is gone for good, and what was spoken with them. */
  forget(outingId: string): Promise<TagKept>;
  /** The bytes that a tag names, deleted ones too. */
  named(): Promise<readonly BytesRef[]>;
}

/**
 * The tags over the entries of the records and the bytes beside them. Where a new one finds no room, `makeRoom` is asked for some, and
 * says whether there is more.
 */
export function createTags(
  entries: Entries,
  bytes: Bytes,
  makeRoom: () => Promise<boolean> = async () => false,
): Tags {
  const kept = async (work: () => Promise<unknown>): Promise<TagKept> => {
    try {
      await work();
      return { ok: true };
    } catch (error) {
      const { reason } = failureOf(error);
      return { ok: false, reason: reason === "storage-full" ? reason : "storage-failed" };
    }
  };
  /** All of a change, on the disk, or none of it. */
  const written = (change: (change: Change) => Promise<unknown>): Promise<TagKept> =>
    kept(() => done(entries, lettingGo(bytes, change)));
  const bringing = async (brought: readonly BroughtTag[]): Promise<Along> => {
    const refs: BytesRef[] = [];
    const all: Given[] = [];
    const give = naming(bytes, refs, async (tx) => {
      for (const one of all) await given(tx, one);
    });
    try {
      for (const { sound, ...one } of brought) {
        const ref = sound && (await bytes.keep(sound));
        if (ref) refs.push(ref);
        all.push({ ...one, ...(ref && { sound: ref }) });
      }
    } catch (error) {
      await give.ended(false);
      throw error;
    }
    return give;
  };
  const listed = async <T>(prefix: string): Promise<readonly (readonly [key: string, value: T])[]> =>
    (await entries.list(prefix)).map(([key, text]) => [key, JSON.parse(text) as T] as const);
  return {
    of: async (outingId) =>
      (await entries.list(`${CHUNKS}${outingId}/`))
        .flatMap(([, text]) => chunkIn(text) ?? [])
        .filter((tag) => tagSchema.safeParse(tag).success)
        .toSorted((a, b) => a.at - b.at),
    add: async (outingId, tag, sound) => {
      const put = (): Promise<TagKept> =>
        kept(async () => done(entries, await bringing([{ outingId, tag, ...(sound && { sound }) }])));
      const first = await put();
      return !first.ok && first.reason === "storage-full" && (await makeRoom()) ? put() : first;
    },
    change: (outingId, tag) =>
      written(async ({ tx }) => {
        if (!(await rewritten(tx, outingId, tag.id, () => [checked(tag)]))) await appended(tx, outingId, tag);
      }),
    remove: async (outingId, tagId, removedAt) => {
      const gone = await written((change) => takenAway(change, outingId, tagId, removedAt));
      // Where there is no room to keep it either, deleting still makes room.
      return gone.ok || gone.reason !== "storage-full"
        ? gone
        : written((change) => takenAway(change, outingId, tagId));
    },
    removedOf: async (outingId) => {
      const all = await listed<StoredRemovedTag>(`${REMOVED}${outingId}/`);
      const heard = all.map(async ([, { sound, ...one }]): Promise<RemovedTag> => {
        const blob = sound && (await bytes.of(sound));
        return { ...one, ...(blob && { sound: blob }) };
      });
      return (await Promise.all(heard)).toSorted((a, b) => b.removedAt - a.removedAt);
    },
    bringBack: async (outingId, tagId) => {
      let isBack = false;
      const change = await written(async ({ tx }) => {
        const key = removedKey(outingId, tagId);
        const found = await read<StoredRemovedTag>(tx, key);
        if (!found) return;
        await given(tx, { outingId, tag: found.tag, ...(found.sound && { sound: found.sound }) });
        await tx.delete(key);
        isBack = true;
      });
      return change.ok && isBack;
    },
    sweep: async (before) => {
      let count = 0;
      const change = await written(async (change) => {
        count = await sweptAway(change, before);
      });
      if (!change.ok) throw new Error(`deleted tags stay: ${change.reason}`);
      return count;
    },
    addSound: (outingId, tagId, sound) =>
      kept(async () => {
        const ref = await bytes.keep(sound);
        const name = naming(bytes, [ref], (tx) => put(tx, soundKey(outingId, tagId), ref));
        await done(entries, name);
      }),
    bringing,
    takingAway: (brought) =>
      lettingGo(bytes, async (change) => {
        for (const { outingId, tag } of brought) await takenAway(change, outingId, tag.id);
      }),
    countSounds: async (outingId) => (await entries.list(`${SOUNDS}${outingId}/`)).length,
    soundOf: async (outingId, tagId) => {
      const text = await entries.get(soundKey(outingId, tagId));
      return text == null ? undefined : bytes.of(JSON.parse(text) as BytesRef);
    },
    rewrite: async (by) => {
      let count = { tags: 0, sounds: 0 };
      const change = await written(async (change) => {
        count = await rewrittenAll(change, by);
      });
      return { ...change, ...count };
    },
    forget: (outingId) =>
      written(async (change) => {
        for (const prefix of PREFIXES)
          for (const key of await change.tx.keys(`${prefix}${outingId}/`)) await dropped(change, prefix, key);
      }),
    named: async () => [
      ...(await listed<BytesRef>(SOUNDS)).map(([, ref]) => ref),
      ...(await listed<StoredRemovedTag>(REMOVED)).flatMap(([, { sound }]) => sound ?? []),
    ],
  };
}

/** A tag whose sound is kept already. */
type Given = Omit<BroughtTag, "sound"> & { readonly sound?: BytesRef };

async function read<T>(tx: EntriesChange, key: string): Promise<T | undefined> {
  const text = await tx.get(key);
  return text == null ? undefined : (JSON.parse(text) as T);
}

/** The tags of an entry; nothing where there is none, or a damaged one, which stays where it is. */
function chunkIn(text: string | null | undefined): readonly Tag[] | undefined {
  try {
    const chunk: unknown = JSON.parse(text ?? "null");
    return Array.isArray(chunk) ? (chunk as Tag[]) : undefined;
  } catch {
    return undefined;
  }
}

const put = (tx: EntriesChange, key: string, value: object): Promise<unknown> =>
  tx.put(key, JSON.stringify(value));

/** Refuses what could not be read again: `of` passes over it. */
const checked = (tag: Tag): Tag => tagSchema.parse(tag);

/** A tag behind the others of its outing, with its sound where it was spoken. */
async function given(tx: EntriesChange, { outingId, tag, sound }: Given): Promise<void> {
  await appended(tx, outingId, checked(tag));
  if (sound) await put(tx, soundKey(outingId, tag.id), sound);
}

/** A tag and its sound off the tags of its outing, and among the deleted ones where an instant is told. */
async function takenAway(
  { tx, gone }: Change,
  outingId: string,
  tagId: string,
  removedAt?: number,
): Promise<void> {
  const key = soundKey(outingId, tagId);
  const sound = await read<BytesRef>(tx, key);
  let tag: Tag | undefined;
  await rewritten(tx, outingId, tagId, (found) => {
    tag = found;
    return [];
  });
  await tx.delete(key);
  if (tag && removedAt !== undefined)
    await put(tx, removedKey(outingId, tagId), {
      tag,
      removedAt,
      ...(sound && { sound }),
    } satisfies StoredRemovedTag);
  else if (sound) gone.push(sound);
}

/** An entry of one of the kinds with the bytes that it names. */
async function dropped({ tx, gone }: Change, prefix: (typeof PREFIXES)[number], key: string): Promise<void> {
  if (prefix === SOUNDS) gone.push((await read<BytesRef>(tx, key))!);
  if (prefix === REMOVED) gone.push(...[(await read<StoredRemovedTag>(tx, key))?.sound ?? []].flat());
  await tx.delete(key);
}

/** What was deleted before an instant goes for good; how many tags that were. */
async function sweptAway(change: Change, before: number): Promise<number> {
  let count = 0;
  for (const key of await change.tx.keys(REMOVED)) {
    if ((await read<StoredRemovedTag>(change.tx, key))!.removedAt >= before) continue;
    await dropped(change, REMOVED, key);
    count++;
  }
  return count;
}

/** A tag behind the others of its outing, as it is. */
export async function appended(tx: EntriesChange, outingId: string, tag: Tag): Promise<void> {
  const keys = await tx.keys(`${CHUNKS}${outingId}/`);
  const last = keys.at(-1);
  const chunk = last === undefined ? undefined : chunkIn(await tx.get(last));
  if (chunk && chunk.length < CHUNK) await put(tx, last!, [...chunk, tag]);
  else await put(tx, chunkKey(outingId, last === undefined ? 0 : numberOf(last) + 1), [tag]);
}

const numberOf = (key: string): number => Number(key.slice(key.lastIndexOf("/") + 1));

/** The one chunk that holds a tag, with that tag replaced; false where none holds it. */
async function rewritten(
  tx: EntriesChange,
  outingId: string,
  tagId: string,
  by: (tag: Tag) => readonly Tag[],
): Promise<boolean> {
  // The last ones are those that are mostly meant.
  for (const key of (await tx.keys(`${CHUNKS}${outingId}/`)).toReversed()) {
    const chunk = chunkIn(await tx.get(key));
    if (!chunk?.some((tag) => tag.id === tagId)) continue;
    await put(
      tx,
      key,
      chunk.flatMap((tag) => (tag.id === tagId ? by(tag) : [tag])),
    );
    return true;
  }
  return false;
}

async function rewrittenAll(
  { tx, gone }: Change,
  by: (tag: Tag) => Tag | undefined,
): Promise<{ tags: number; sounds: number }> {
  let tags = 0;
  for (const key of await tx.keys(CHUNKS)) {
    const before = chunkIn(await tx.get(key)) ?? [];
    const changed = before.filter((tag) => by(tag) !== tag);
    if (changed.length === 0) continue;
    tags += changed.length;
    await put(
      tx,
      key,
      before.flatMap((tag) => by(tag) ?? []),
    );
    const outingId = key.slice(CHUNKS.length, key.lastIndexOf("/"));
    for (const { id } of changed) {
      const sound = await read<BytesRef>(tx, soundKey(outingId, id));
      if (!sound) continue;
      gone.push(sound);
      await tx.delete(soundKey(outingId, id));
    }
  }
  for (const key of await tx.keys(REMOVED)) {
    const { tag } = (await read<StoredRemovedTag>(tx, key))!;
    if (by(tag) === tag) continue;
    tags++;
    await dropped({ tx, gone }, REMOVED, key);
  }
  return { tags, sounds: gone.length };
}
