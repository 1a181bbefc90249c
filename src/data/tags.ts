import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { allOrNone } from "./store/all-or-none";
import { failureOf } from "./store/store";
import { reopening } from "./store/reopening";
import { tagSchema, type Tag } from "./schema/tag";

/** Tags that one chunk holds: a press writes one chunk, however many there are. */
export const CHUNK = 100;

interface Chunk {
  readonly outingId: string;
  /** From 0, in the order in which they were filled. */
  readonly number: number;
  readonly tags: readonly Tag[];
}

interface Schema extends DBSchema {
  chunks: { key: [string, number]; value: Chunk };
  voices: { key: [string, string]; value: { outingId: string; tagId: string; sound: Blob } };
  removed: { key: [string, string]; value: RemovedTag & { outingId: string; tagId: string } };
}

/** A tag that was deleted and can be brought back, with what was spoken. */
export interface RemovedTag {
  readonly tag: Tag;
  readonly sound?: Blob;
  /** Epoch milliseconds. */
  readonly removedAt: number;
}

const STORES = ["chunks", "voices", "removed"] as const;

/** A tag of a file, with the outing that it comes to. */
export interface BroughtTag {
  readonly outingId: string;
  readonly tag: Tag;
  readonly sound?: Blob;
}

export type TagKept =
  { readonly ok: true } | { readonly ok: false; readonly reason: "storage-full" | "storage-failed" };

const ofOuting = (outingId: string): IDBKeyRange => IDBKeyRange.bound([outingId], [outingId, []]);

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>("bright-perch-tags", 2, {
    upgrade(made, before) {
      if (before < 1) {
        made.createObjectStore("chunks", { keyPath: ["outingId", "number"] });
        made.createObjectStore("voices", { keyPath: ["outingId", "tagId"] });
      }
      made.createObjectStore("removed", { keyPath: ["outingId", "tagId"] });
    },
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

const within = reopening(open);

/** Refuses what could not be read again: `of` passes over it. */
function checked(tag: Tag): Tag {
  return tagSchema.parse(tag);
}

/** All of a change, on the disk, or none of it. */
async function written(change: (tx: Change) => Promise<unknown>): Promise<TagKept> {
  try {
    await within((db) => {
      const tx = changeOf(db);
      return allOrNone(tx, () => change(tx));
    });
    return { ok: true };
  } catch (error) {
    const { reason } = failureOf(error);
    return { ok: false, reason: reason === "storage-full" ? reason : "storage-failed" };
  }
}

type Change = ReturnType<typeof changeOf>;
const changeOf = (db: IDBPDatabase<Schema>) => db.transaction(STORES, "readwrite", { durability: "strict" });

/**
 * Tags of an outing and what was spoken with them, beside its record: each is a small write of one chunk. Without IndexedDB, or
 * without room, a write says so and changes nothing.
 */
export const tags = {
  /** In the order in which they were given; what cannot be read is left where it is and not among them. */
  of: (outingId: string): Promise<Tag[]> =>
    within(async (db) =>
      (await db.getAll("chunks", ofOuting(outingId)))
        .flatMap((chunk) => chunk.tags)
        .filter((tag) => tagSchema.safeParse(tag).success)
        .toSorted((a, b) => a.at - b.at),
    ),
  /** Keeps a further tag, with its sound where it was spoken: both or neither. */
  add: async (outingId: string, tag: Tag, sound?: Blob): Promise<TagKept> => {
    const put = (): Promise<TagKept> => written((tx) => given(tx, { outingId, tag, sound }));
    const kept = await put();
    if (kept.ok || kept.reason !== "storage-full") return kept;
    // What was deleted gives way to what is new.
    const emptied = await written(async (tx) => {
      if ((await tx.objectStore("removed").count()) === 0) throw new Error("there is nothing to give way");
      await tx.objectStore("removed").clear();
    });
    return emptied.ok ? put() : kept;
  },
  /** Writes a tag in the place of the one with its id; one that was deleted elsewhere meanwhile comes back with what was said of it. */
  change: (outingId: string, tag: Tag): Promise<TagKept> =>
    written(async (tx) => {
      if (!(await rewritten(tx, outingId, tag.id, () => [checked(tag)]))) await appended(tx, outingId, tag);
    }),
  /** Takes a tag away, and what was spoken with it; both can be brought back until they are swept or room is asked for. */
  remove: async (outingId: string, tagId: string, removedAt: number): Promise<TagKept> => {
    const kept = await written((tx) => takenAway(tx, outingId, tagId, removedAt));
    // Where there is no room to keep it either, deleting still makes room.
    return kept.ok || kept.reason !== "storage-full" ? kept : written((tx) => takenAway(tx, outingId, tagId));
  },
  /** Tags of an outing that can be brought back, the last deleted first. */
  removedOf: (outingId: string): Promise<RemovedTag[]> =>
    within(async (db) =>
      (await db.getAll("removed", ofOuting(outingId))).toSorted((a, b) => b.removedAt - a.removedAt),
    ),
  /** Brings a deleted tag back with what was spoken; false where it is not among the deleted ones, or could not be kept. */
  bringBack: async (outingId: string, tagId: string): Promise<boolean> => {
    let isBack = false;
    const kept = await written(async (tx) => {
      const removed = tx.objectStore("removed");
      const found = await removed.get([outingId, tagId]);
      if (!found) return;
      await given(tx, found);
      await removed.delete([outingId, tagId]);
      isBack = true;
    });
    return kept.ok && isBack;
  },
  /** What was deleted before an instant, epoch milliseconds, is gone for good. */
  sweep: (before: number): Promise<TagKept> =>
    written(async (tx) => {
      for await (const cursor of tx.objectStore("removed").iterate())
        if (cursor.value.removedAt < before) await cursor.delete();
    }),
  /** Keeps what was spoken with a tag that stands without it. */
  addSound: (outingId: string, tagId: string, sound: Blob): Promise<TagKept> =>
    written((tx) => tx.objectStore("voices").put({ outingId, tagId, sound })),
  /** Puts tags beside those of their outings, all of them or none; what is here already stays as it is. */
  bring: async (brought: readonly BroughtTag[]): Promise<TagKept> =>
    written(async (tx) => {
      for (const one of brought) await given(tx, one);
    }),
  /** Takes away what was brought, all of it or nothing. */
  takeAway: (brought: readonly BroughtTag[]): Promise<TagKept> =>
    written(async (tx) => {
      for (const { outingId, tag } of brought) await takenAway(tx, outingId, tag.id);
    }),
  /** How many of an outing's tags were spoken and have their sound. */
  countSounds: (outingId: string): Promise<number> => within((db) => db.count("voices", ofOuting(outingId))),
  soundOf: (outingId: string, tagId: string): Promise<Blob | undefined> =>
    within(async (db) => (await db.get("voices", [outingId, tagId]))?.sound),
  /**
   * Writes every tag of every outing anew, deleted ones too; one of which nothing is left goes, and whatever changed loses what was
   * spoken with it, which nobody can tell. There is no way back.
   */
  rewrite: async (by: (tag: Tag) => Tag | undefined): Promise<TagKept & { tags: number; sounds: number }> => {
    const count = { tags: 0, sounds: 0 };
    const kept = await written((tx) => rewrittenAll(tx, by, count));
    return { ...kept, ...count };
  },
  /** Takes away every tag of an outing that is gone for good, and what was spoken with them. */
  forget: (outingId: string): Promise<TagKept> =>
    written(async (tx) => {
      for (const store of STORES) await tx.objectStore(store).delete(ofOuting(outingId));
    }),
  clear: (): Promise<void> =>
    within(async (db) => {
      for (const store of STORES) await db.clear(store);
    }),
};

/** A tag behind the others of its outing, with its sound where it was spoken. */
async function given(tx: Change, { outingId, tag, sound }: BroughtTag): Promise<void> {
  await appended(tx, outingId, checked(tag));
  if (sound) await tx.objectStore("voices").put({ outingId, tagId: tag.id, sound });
}

/** A tag and its sound off the tags of its outing, and among the deleted ones where an instant is told. */
async function takenAway(tx: Change, outingId: string, tagId: string, removedAt?: number): Promise<void> {
  const voices = tx.objectStore("voices");
  const sound = (await voices.get([outingId, tagId]))?.sound;
  let tag: Tag | undefined;
  await rewritten(tx, outingId, tagId, (found) => {
    tag = found;
    return [];
  });
  await voices.delete([outingId, tagId]);
  if (tag && removedAt !== undefined)
    await tx.objectStore("removed").put({ outingId, tagId, tag, removedAt, ...(sound && { sound }) });
}

/** A tag behind the others of its outing. */
async function appended(tx: Change, outingId: string, tag: Tag): Promise<void> {
  const chunks = tx.objectStore("chunks");
  const last = (await chunks.openCursor(ofOuting(outingId), "prev"))?.value;
  const fits = last !== undefined && last.tags.length < CHUNK;
  await chunks.put(
    fits
      ? { ...last, tags: [...last.tags, tag] }
      : { outingId, number: (last?.number ?? -1) + 1, tags: [tag] },
  );
}

/** The one chunk that holds a tag, with that tag replaced; false where none holds it. */
async function rewritten(
  tx: Change,
  outingId: string,
  tagId: string,
  by: (tag: Tag) => readonly Tag[],
): Promise<boolean> {
  for await (const cursor of tx.objectStore("chunks").iterate(ofOuting(outingId))) {
    const { value } = cursor;
    if (!value.tags.some((t) => t.id === tagId)) continue;
    await cursor.update({ ...value, tags: value.tags.flatMap((t) => (t.id === tagId ? by(t) : [t])) });
    return true;
  }
  return false;
}

async function rewrittenAll(
  tx: Change,
  by: (tag: Tag) => Tag | undefined,
  count: { tags: number; sounds: number },
): Promise<void> {
  const voices = tx.objectStore("voices");
  for await (const cursor of tx.objectStore("chunks").iterate()) {
    const { outingId, tags: before } = cursor.value;
    const changed = before.filter((tag) => by(tag) !== tag);
    if (changed.length === 0) continue;
    count.tags += changed.length;
    await cursor.update({ ...cursor.value, tags: before.flatMap((tag) => by(tag) ?? []) });
    for (const { id } of changed) {
      count.sounds += await voices.count([outingId, id]);
      await voices.delete([outingId, id]);
    }
  }
  for await (const cursor of tx.objectStore("removed").iterate()) {
    const { tag, sound } = cursor.value;
    if (by(tag) === tag) continue;
    count.tags++;
    count.sounds += sound ? 1 : 0;
    await cursor.delete();
  }
}
