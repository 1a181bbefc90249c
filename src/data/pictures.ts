import { base64Of, blobFrom } from "./base64";
import { pictureName, type FilePicture } from "./outing-file";
import { allOrNone } from "./store/all-or-none";
import { reopening } from "./store/reopening";
import { openDB, type DBSchema, type IDBPDatabase } from "idb";

/** A picture that is traced over, with how it lies on the ground. */
export interface TracedPicture {
  readonly outingId: string;
  readonly name: string;
  readonly file: Blob;
  /** Px of the picture. */
  readonly width: number;
  readonly height: number;
  readonly lie: PictureLie;
  /** Whether it goes along in the outing's file. */
  readonly carried?: boolean;
}

export interface PictureLie {
  /** Plan metres of the picture's middle. */
  readonly at: { readonly x: number; readonly y: number };
  /** Bearing in degrees that its upper edge looks to. */
  readonly bearing: number;
  /** Plan metres per px of the picture, above 0. */
  readonly metresPerPx: number;
  /** How much of it shows, above 0 and up to 1. */
  readonly shows: number;
}

/** A picture that was taken away, or gave way to another, and can be brought back. */
export interface RemovedPicture extends TracedPicture {
  /** Epoch milliseconds. */
  readonly removedAt: number;
}

interface Schema extends DBSchema {
  pictures: { key: string; value: TracedPicture };
  removed: { key: string; value: RemovedPicture };
}

const STORES = ["pictures", "removed"] as const;

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>("bright-perch-pictures", 2, {
    upgrade(made, before) {
      if (before < 1) made.createObjectStore("pictures", { keyPath: "outingId" });
      made.createObjectStore("removed", { keyPath: "outingId" });
    },
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

const within = reopening(open);
type Change = ReturnType<typeof changeOf>;
const changeOf = (db: IDBPDatabase<Schema>) => db.transaction(STORES, "readwrite", { durability: "strict" });
const changed = (change: (tx: Change) => Promise<unknown>): Promise<void> =>
  within((db) => {
    const tx = changeOf(db);
    return allOrNone(tx, () => change(tx));
  });

/** Takes what stands for an outing away; the last one can be brought back. */
async function takenAway(tx: Change, outingId: string, removedAt: number): Promise<void> {
  const before = await tx.objectStore("pictures").get(outingId);
  if (before) await tx.objectStore("removed").put({ ...before, removedAt });
  await tx.objectStore("pictures").delete(outingId);
}

/**
 * Pictures that are traced over stay in this browser's IndexedDB, one an outing: they are in no record, and in the outing's file
 * only where that is wanted. Each call rejects where the browser has no IndexedDB or has no room.
 */
export const pictures = {
  of: (outingId: string): Promise<TracedPicture | undefined> => within((db) => db.get("pictures", outingId)),
  keep: (picture: TracedPicture): Promise<void> => changed((tx) => tx.objectStore("pictures").put(picture)),
  /** Takes the picture of an outing away, or lets it give way to another; `removedAt` in epoch milliseconds. */
  remove: (outingId: string, removedAt: number): Promise<void> =>
    changed((tx) => takenAway(tx, outingId, removedAt)),
  /** The last picture of an outing that was taken away, as long as it can be brought back. */
  removedOf: (outingId: string): Promise<RemovedPicture | undefined> =>
    within((db) => db.get("removed", outingId)),
  /** Brings it back; what stands there meanwhile takes its place among the removed. Nothing where there is none. */
  bringBack: async (outingId: string, at: number): Promise<TracedPicture | undefined> => {
    let back: TracedPicture | undefined;
    await changed(async (tx) => {
      const found = await tx.objectStore("removed").get(outingId);
      if (!found) return;
      await tx.objectStore("removed").delete(outingId);
      await takenAway(tx, outingId, at);
      const { removedAt: _, ...picture } = found;
      await tx.objectStore("pictures").put(picture);
      back = picture;
    });
    return back;
  },
  /** What was taken away before an instant, epoch milliseconds, is gone for good. */
  sweep: (before: number): Promise<void> =>
    changed(async (tx) => {
      for await (const cursor of tx.objectStore("removed").iterate())
        if (cursor.value.removedAt < before) await cursor.delete();
    }),
  /** Of an outing that is gone for good. */
  forget: (outingId: string): Promise<void> =>
    changed(async (tx) => {
      for (const store of STORES) await tx.objectStore(store).delete(outingId);
    }),
  clear: (): Promise<void> =>
    changed(async (tx) => {
      for (const store of STORES) await tx.objectStore(store).clear();
    }),
};

/** A picture as it is written into a file. */
async function intoFile({ name, file, width, height, lie }: TracedPicture): Promise<FilePicture> {
  const type = file.type as FilePicture["type"];
  return { name: pictureName(name), type, base64: await base64Of(file), width, height, lie };
}

/** A picture of a file as it is kept for an outing. */
export function fromFile(outingId: string, { name, type, base64, ...rest }: FilePicture): TracedPicture {
  return { outingId, name, file: blobFrom(base64, type), ...rest, carried: true };
}

/**
 * The picture of an outing for its file, where it goes along: written anew where that is told, under a name that tells nothing. Rejects
 * where it cannot be read or written.
 */
export async function carriedPicture(
  outingId: string,
  anew?: (file: Blob) => Promise<Blob>,
): Promise<FilePicture | undefined> {
  const picture = await pictures.of(outingId);
  if (!picture?.carried) return undefined;
  if (!anew) return intoFile(picture);
  const file = await anew(picture.file);
  return intoFile({ ...picture, file, name: `traced.${file.type.replace("image/", "")}` });
}

/** The picture of an outing for a file of everything, which leaves nothing out; rejects where it cannot be read. */
export async function keptPicture(outingId: string): Promise<FilePicture | undefined> {
  const picture = await pictures.of(outingId);
  return picture && intoFile(picture);
}
