import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { newId } from "../ids";
import { allOrNone } from "../store/all-or-none";
import { reopening } from "../store/reopening";

/** Bytes of one piece: what is written, read and compared at once, however large the whole is. */
export const PIECE = 262_144;

/** What a record says of bytes that lie beside it. */
export interface BytesRef {
  /** Names one whole of bytes, once and for ever; each is named by one record. */
  readonly bytes: string;
  /** As a file says it. */
  readonly type: string;
  /** How many, 0 or more. */
  readonly size: number;
}

/** Bytes of pictures and sound, apart from the records that name them. */
export interface Bytes {
  /**
   * Keeps them piece by piece, and reads them back and compares before anything can name them. Rejects, and keeps nothing, where the
   * browser has no room or what is read back differs.
   */
  keep(blob: Blob): Promise<BytesRef>;
  /** Nothing where a piece is missing. */
  of(ref: BytesRef): Promise<Blob | undefined>;
  /** They are gone for good. */
  forget(refs: readonly BytesRef[]): Promise<void>;
  /** Takes away what nobody names and was kept before an instant, epoch milliseconds; how many wholes that were. */
  sweep(named: ReadonlySet<string>, before: number): Promise<number>;
  clear(): Promise<void>;
}

interface Head {
  readonly bytes: string;
  /** Epoch milliseconds. */
  readonly keptAt: number;
}

/** Where pieces lie. */
interface Pieces {
  put(bytes: string, number: number, piece: Uint8Array<ArrayBuffer>): Promise<unknown>;
  /** Before its first piece, so that what is cut off in the middle is found and swept. */
  begin(head: Head): Promise<unknown>;
  get(bytes: string, number: number): Promise<Uint8Array<ArrayBuffer> | undefined>;
  /** Of all that were begun. */
  heads(): Promise<readonly Head[]>;
  delete(bytes: readonly string[]): Promise<unknown>;
  clear(): Promise<unknown>;
}

interface Schema extends DBSchema {
  heads: { key: string; value: Head };
  pieces: { key: [string, number]; value: Uint8Array<ArrayBuffer> };
}

const STORES = ["heads", "pieces"] as const;

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>("bright-perch-bytes", 1, {
    upgrade(made) {
      made.createObjectStore("heads", { keyPath: "bytes" });
      made.createObjectStore("pieces");
    },
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

const piecesOf = (bytes: string): IDBKeyRange => IDBKeyRange.bound([bytes, 0], [bytes, Infinity]);

function inDatabase(): Pieces {
  const within = reopening(open);
  const change = (work: (tx: ReturnType<typeof changeOf>) => Promise<unknown>): Promise<void> =>
    within((db) => {
      const tx = changeOf(db);
      return allOrNone(tx, () => work(tx));
    });
  return {
    put: (bytes, number, piece) => change((tx) => tx.objectStore("pieces").put(piece, [bytes, number])),
    begin: (head) => change((tx) => tx.objectStore("heads").put(head)),
    get: (bytes, number) => within((db) => db.get("pieces", [bytes, number])),
    heads: () => within((db) => db.getAll("heads")),
    delete: (all) =>
      change(async (tx) => {
        for (const bytes of all) {
          await tx.objectStore("heads").delete(bytes);
          await tx.objectStore("pieces").delete(piecesOf(bytes));
        }
      }),
    clear: () =>
      change(async (tx) => {
        for (const store of STORES) await tx.objectStore(store).clear();
      }),
  };
}

const changeOf = (db: IDBPDatabase<Schema>) => db.transaction(STORES, "readwrite", { durability: "strict" });

/** Pieces that last as long as the page. */
function inPage(): Pieces {
  const heads = new Map<string, Head>();
  const pieces = new Map<string, Uint8Array<ArrayBuffer>>();
  return {
    put: async (bytes, number, piece) => pieces.set(`${bytes}/${number}`, piece),
    begin: async (head) => heads.set(head.bytes, head),
    get: async (bytes, number) => pieces.get(`${bytes}/${number}`),
    heads: async () => [...heads.values()],
    delete: async (all) => {
      for (const bytes of all) {
        heads.delete(bytes);
        for (const key of pieces.keys()) if (key.startsWith(`${bytes}/`)) pieces.delete(key);
      }
    },
    clear: async () => {
      heads.clear();
      pieces.clear();
    },
  };
}

let ofThisPage: Pieces | undefined;

/** Bytes in a database of this browser's, or in the page where it has none. */
export const openBytes = (isForGood: boolean): Bytes =>
  createBytes(isForGood ? inDatabase() : (ofThisPage ??= inPage()));

function createBytes(pieces: Pieces): Bytes {
  const forget = async (all: readonly string[]): Promise<void> => {
    if (all.length > 0) await pieces.delete(all);
  };
  return {
    keep: async (blob) => {
      await roomFor(blob.size);
      const ref: BytesRef = { bytes: newId(), type: blob.type, size: blob.size };
      try {
        await pieces.begin({ bytes: ref.bytes, keptAt: Date.now() });
        for (const [number, from] of cuts(blob.size))
          await pieces.put(ref.bytes, number, await cut(blob, from));
        for (const [number, from] of cuts(blob.size))
          if (!sameBytes(await pieces.get(ref.bytes, number), await cut(blob, from)))
            throw new Error("what was kept differs from what it was kept of");
        return ref;
      } catch (error) {
        await forget([ref.bytes]).catch(() => undefined);
        throw error;
      }
    },
    of: async ({ bytes, type, size }) => {
      const found: Uint8Array<ArrayBuffer>[] = [];
      for (const [number, from] of cuts(size)) {
        const piece = await pieces.get(bytes, number);
        if (piece?.length !== Math.min(PIECE, size - from)) return undefined;
        found.push(piece);
      }
      return new Blob(found, { type });
    },
    forget: (refs) => forget(refs.map(({ bytes }) => bytes)),
    sweep: async (named, before) => {
      const gone = (await pieces.heads())
        .filter(({ bytes, keptAt }) => keptAt < before && !named.has(bytes))
        .map(({ bytes }) => bytes);
      await forget(gone);
      return gone.length;
    },
    clear: async () => void (await pieces.clear()),
  };
}

/** The number of each piece and the byte at which it begins. */
const cuts = (size: number): (readonly [number: number, from: number])[] =>
  Array.from({ length: Math.ceil(size / PIECE) }, (_, number) => [number, number * PIECE] as const);

const cut = async (blob: Blob, from: number): Promise<Uint8Array<ArrayBuffer>> =>
  new Uint8Array(await blob.slice(from, from + PIECE).arrayBuffer());

const sameBytes = (a: Uint8Array | undefined, b: Uint8Array): boolean =>
  a?.length === b.length && a.every((byte, i) => byte === b[i]);

/** Rejects as the database would, before anything is written, where the browser says that so many bytes find no room. */
async function roomFor(size: number): Promise<void> {
  const { usage, quota } = (await globalThis.navigator?.storage?.estimate?.().catch(() => undefined)) ?? {};
  if (usage !== undefined && quota !== undefined && usage + size > quota)
    throw new DOMException("the quota has no room for it", "QuotaExceededError");
}
