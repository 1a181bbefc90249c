import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from "idb";
import type { Entries } from "../store/entries";
import { FORMER_PICTURES, FORMER_TAGS, hasOneOf } from "../store/former";
import { tagSchema, type Tag } from "../schema/tag";
import { done, naming } from "./along";
import type { Bytes, BytesRef } from "./bytes";
import {
  PICTURES,
  REMOVED_PICTURES,
  type RemovedPicture,
  type StoredPicture,
  type TracedPicture,
} from "./pictures";
import { appended, createTags, removedKey, soundKey, type StoredRemovedTag } from "./tags";

/** Tags and traced pictures as the last version kept them, each in a database of its own, wholes of bytes within. */
interface TagsSchema extends DBSchema {
  chunks: { key: [string, number]; value: { outingId: string; number: number; tags: Tag[] } };
  voices: { key: [string, string]; value: { outingId: string; tagId: string; sound: Blob } };
  removed: {
    key: [string, string];
    value: { outingId: string; tagId: string; tag: Tag; sound?: Blob; removedAt: number };
  };
}

interface PicturesSchema extends DBSchema {
  pictures: { key: string; value: TracedPicture };
  removed: { key: string; value: RemovedPicture };
}

/**
 * Moves what lay beside outings in databases of their own among the entries and the bytes, outing by outing: written, read back and
 * only then cleared where it was, so that being cut off at any point loses and doubles nothing and the next start goes on. Gives back
 * whether all of it has come; the rest stays where it is.
 */
export async function moveInBeside(entries: Entries, bytes: Bytes, isForGood: boolean): Promise<boolean> {
  const tags = await within<TagsSchema>(FORMER_TAGS, isForGood, (db) =>
    moveTags(db, entries, bytes, isForGood),
  );
  const pictures = await within<PicturesSchema>(FORMER_PICTURES, isForGood, (db) =>
    movePictures(db, entries, bytes, isForGood),
  );
  return tags && pictures;
}

/** Opens a former database, moves each part that it names, and takes it away once all of them are gone from it. */
async function within<S extends DBSchema>(
  name: string,
  isForGood: boolean,
  movesOf: (db: IDBPDatabase<S>) => Promise<readonly (() => Promise<void>)[]>,
): Promise<boolean> {
  if (!(await hasOneOf(name))) return true;
  let isWhole = true;
  const db = await openDB<S>(name, undefined, {
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });
  for (const move of await movesOf(db))
    await move().catch(() => {
      isWhole = false;
    });
  db.close();
  if (isWhole && isForGood) await deleteDB(name);
  return isWhole;
}

const has = (db: { readonly objectStoreNames: DOMStringList }, store: string): boolean =>
  db.objectStoreNames.contains(store);

async function moveTags(
  db: IDBPDatabase<TagsSchema>,
  entries: Entries,
  bytes: Bytes,
  isForGood: boolean,
): Promise<readonly (() => Promise<void>)[]> {
  if (!has(db, "chunks")) return [];
  const stores = (["chunks", "voices", "removed"] as const).filter((store) => has(db, store));
  const keys = (await Promise.all(stores.map((store) => db.getAllKeys(store)))).flat();
  const outings = [...new Set(keys.map(([outingId]) => outingId))];
  return outings.map((outingId) => async () => {
    const range = IDBKeyRange.bound([outingId], [outingId, []]);
    const own = (await db.getAll("chunks", range)).flatMap((chunk) => chunk.tags);
    const voices = await db.getAll("voices", range);
    const removed = stores.includes("removed") ? await db.getAll("removed", range) : [];
    const had = new Set((await createTags(entries, bytes).of(outingId)).map((tag) => tag.id));
    const kept: BytesRef[] = [];
    /** Bytes of what an earlier start has not brought yet. */
    const ref = async (key: string, sound: Blob | undefined): Promise<BytesRef | undefined> => {
      if (!sound || (await entries.get(key)) != null) return undefined;
      const one = await bytes.keep(sound);
      kept.push(one);
      return one;
    };
    try {
      const sounds = new Map<string, BytesRef>();
      for (const { tagId, sound } of voices) {
        const one = await ref(soundKey(outingId, tagId), sound);
        if (one) sounds.set(tagId, one);
      }
      const gone: [key: string, tag: StoredRemovedTag][] = [];
      for (const { tagId, tag, removedAt, sound } of removed) {
        const key = removedKey(outingId, tagId);
        const one = await ref(key, sound);
        gone.push([key, { tag, removedAt, ...(one && { sound: one }) }]);
      }
      await entries.change(async (tx) => {
        for (const tag of own) if (!had.has(tag.id)) await appended(tx, outingId, tag);
        for (const [tagId, one] of sounds) await tx.put(soundKey(outingId, tagId), JSON.stringify(one));
        for (const [key, one] of gone)
          if ((await tx.get(key)) == null) await tx.put(key, JSON.stringify(one));
      });
    } catch (error) {
      await bytes.forget(kept).catch(() => undefined);
      throw error;
    }
    const there = new Set((await createTags(entries, bytes).of(outingId)).map((tag) => tag.id));
    const readable = own.filter((tag) => tagSchema.safeParse(tag).success);
    if (!readable.every((tag) => there.has(tag.id))) throw new Error(`tags of ${outingId} have not come`);
    if (!isForGood) return;
    const tx = db.transaction(stores, "readwrite", { durability: "strict" });
    await Promise.all([...stores.map((store) => tx.objectStore(store).delete(range)), tx.done]);
  });
}

async function movePictures(
  db: IDBPDatabase<PicturesSchema>,
  entries: Entries,
  bytes: Bytes,
  isForGood: boolean,
): Promise<readonly (() => Promise<void>)[]> {
  const rows = (["pictures", "removed"] as const).filter((store) => has(db, store));
  const each = await Promise.all(
    rows.map(async (store) => (await db.getAllKeys(store)).map((key) => [store, key] as const)),
  );
  return each.flat().map(([store, outingId]) => async () => {
    const key = (store === "pictures" ? PICTURES : REMOVED_PICTURES) + outingId;
    const picture = (await db.get(store, outingId))!;
    if ((await entries.get(key)) == null) {
      const file = await bytes.keep(picture.file);
      const stored: StoredPicture = { ...picture, file };
      await done(
        entries,
        naming(bytes, [file], (tx) => tx.put(key, JSON.stringify(stored))),
      );
    }
    if (isForGood) await db.delete(store, outingId);
  });
}
