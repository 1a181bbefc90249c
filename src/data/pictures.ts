import { base64Of, blobFrom } from "./base64";
import { pictureName, type FilePicture } from "./outing-file";
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

interface Schema extends DBSchema {
  pictures: { key: string; value: TracedPicture };
}

const open = (): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>("bright-perch-pictures", 1, {
    upgrade: (made) => void made.createObjectStore("pictures", { keyPath: "outingId" }),
    blocking: (_old, _next, event) => (event.target as IDBDatabase).close(),
  });

async function within<T>(work: (db: IDBPDatabase<Schema>) => Promise<T>): Promise<T> {
  const db = await open();
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

/**
 * Pictures that are traced over stay in this browser's IndexedDB, one an outing: they are in no record, and in the outing's file
 * only where that is wanted. Each rejects where the browser has no IndexedDB or has no room.
 */
export const pictures = {
  of: (outingId: string): Promise<TracedPicture | undefined> => within((db) => db.get("pictures", outingId)),
  keep: (picture: TracedPicture): Promise<string> => within((db) => db.put("pictures", picture)),
  clear: (): Promise<void> => within((db) => db.clear("pictures")),
  remove: (outingId: string): Promise<void> => within((db) => db.delete("pictures", outingId)),
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
