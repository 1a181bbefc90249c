import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { reopening } from "../store/reopening";

/** Bytes of small pictures that are kept of one outing: more than that gives way, the oldest first. */
const MOST_SMALL_BYTES = 40_000_000;
/** What is let go of at once, so that not every new one takes one away. */
const LET_GO = 4_000_000;

interface Made {
  readonly outingId: string;
  readonly frameId: string;
  /** Bytes. */
  readonly size: number;
  /** Epoch milliseconds at which it was made. */
  readonly madeAt: number;
}

interface Schema extends DBSchema {
  pictures: { key: [string, string]; value: Blob };
  seen: { key: [string, string]; value: Made; indexes: { outing: string } };
}

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>("bright-perch-small", 1, {
    upgrade(made) {
      made.createObjectStore("pictures");
      made.createObjectStore("seen", { keyPath: ["outingId", "frameId"] }).createIndex("outing", "outingId");
    },
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

/** Small pictures of frames: made again when they are gone, so nothing hangs on them. Nothing here rejects. */
export interface SmallPictures {
  get(outingId: string, frameId: string): Promise<Blob | undefined>;
  keep(outingId: string, frameId: string, picture: Blob): Promise<void>;
  /** Of all outings but these. */
  forgetOthers(outingIds: ReadonlySet<string>): Promise<void>;
  /** Bytes that are kept of an outing. */
  size(outingId: string): Promise<number>;
}

export function openSmallPictures(most = MOST_SMALL_BYTES, letGo = LET_GO): SmallPictures {
  const within = reopening(open);
  const sizes = new Map<string, number>();
  const seenOf = (outingId: string): Promise<Made[]> =>
    within((db) => db.getAllFromIndex("seen", "outing", outingId));
  const sizeOf = async (outingId: string): Promise<number> => {
    const known = sizes.get(outingId);
    if (known !== undefined) return known;
    const sum = (await seenOf(outingId)).reduce((bytes, s) => bytes + s.size, 0);
    sizes.set(outingId, sum);
    return sum;
  };
  const drop = (gone: readonly Made[]): Promise<void> =>
    within(async (db) => {
      const tx = db.transaction(["pictures", "seen"], "readwrite");
      for (const { outingId, frameId } of gone) {
        void tx.objectStore("pictures").delete([outingId, frameId]);
        void tx.objectStore("seen").delete([outingId, frameId]);
      }
      await tx.done;
    });
  const makeRoom = async (outingId: string): Promise<void> => {
    const all = (await seenOf(outingId)).toSorted((a, b) => a.madeAt - b.madeAt);
    let left = all.reduce((bytes, s) => bytes + s.size, 0);
    const gone = all.filter(({ size }) => left > most - letGo && ((left -= size), true));
    await drop(gone);
    sizes.set(outingId, left);
  };
  return {
    get: async (outingId, frameId) => {
      try {
        return await within((db) => db.get("pictures", [outingId, frameId]));
      } catch {
        return undefined;
      }
    },
    keep: async (outingId, frameId, picture) => {
      try {
        const before = await sizeOf(outingId);
        await within(async (db) => {
          const tx = db.transaction(["pictures", "seen"], "readwrite");
          void tx.objectStore("pictures").put(picture, [outingId, frameId]);
          void tx.objectStore("seen").put({ outingId, frameId, size: picture.size, madeAt: Date.now() });
          await tx.done;
        });
        sizes.set(outingId, before + picture.size);
        if (before + picture.size > most) await makeRoom(outingId);
      } catch {
        // Without room it is made again when it is next seen.
      }
    },
    forgetOthers: async (outingIds) => {
      try {
        const all = await within((db) => db.getAll("seen"));
        await drop(all.filter((s) => !outingIds.has(s.outingId)));
      } catch {
        // Tried again the next time.
      }
    },
    size: (outingId) => sizeOf(outingId).catch(() => 0),
  };
}
