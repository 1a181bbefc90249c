import type { Along, Entries, EntriesChange } from "../store/entries";
import { failureOf } from "../store/store";
import { pictureName, type FilePicture } from "../files";
import { done, lettingGo, naming, together } from "./along";
import type { Bytes, BytesRef } from "./bytes";

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

/** A picture as its entry says it. */
export type StoredPicture = Omit<TracedPicture, "file"> & { readonly file: BytesRef };
export type StoredRemovedPicture = StoredPicture & Pick<RemovedPicture, "removedAt">;

export const PICTURES = "pictures/";
export const REMOVED_PICTURES = "pictures-removed/";
const PREFIXES = [PICTURES, REMOVED_PICTURES] as const;

/**
 * Pictures that are traced over, one an outing, beside its record: in its file only where that is wanted. Each call rejects where it
 * cannot be read or finds no room.
 */
export interface Pictures {
  of(outingId: string): Promise<TracedPicture | undefined>;
  /** Its bytes are written anew only where they are others than those of the picture that stands. */
  keep(picture: TracedPicture): Promise<void>;
  /** To be written: a picture of an outing that has none by then; one that stands stays. Its bytes are kept before. */
  bringing(picture: TracedPicture): Promise<Along>;
  /** To be written: as `remove`. */
  takingAway(outingId: string, removedAt: number): Along;
  /** Takes the picture of an outing away, or lets it give way to another; `removedAt` in epoch milliseconds. */
  remove(outingId: string, removedAt: number): Promise<void>;
  /** The last picture of an outing that was taken away, as long as it can be brought back. */
  removedOf(outingId: string): Promise<RemovedPicture | undefined>;
  /** Brings it back; what stands there meanwhile takes its place among the removed. Nothing where there is none. */
  bringBack(outingId: string, at: number): Promise<TracedPicture | undefined>;
  /** What was taken away before an instant, epoch milliseconds, is gone for good; how many pictures that were. */
  sweep(before: number): Promise<number>;
  /** Of an outing that is gone for good. */
  forget(outingId: string): Promise<void>;
  /** The bytes that a picture names, removed ones too. */
  named(): Promise<readonly BytesRef[]>;
}

/** The pictures over the entries of the records and the bytes beside them; `makeRoom` as of the tags. */
export function createPictures(
  entries: Entries,
  bytes: Bytes,
  makeRoom: () => Promise<boolean> = async () => false,
): Pictures {
  /** Bytes that this page read or wrote, so that laying a picture otherwise writes none of them. */
  const known = new WeakMap<Blob, string>();
  const shown = async <T extends StoredPicture>(
    text: string | null | undefined,
  ): Promise<(Omit<T, "file"> & { file: Blob }) | undefined> => {
    if (text == null) return undefined;
    const stored = JSON.parse(text) as T;
    const file = await bytes.of(stored.file);
    if (!file) throw new Error("bytes of the picture are missing");
    known.set(file, stored.file.bytes);
    return { ...stored, file };
  };
  const changed = (change: (tx: EntriesChange, gone: BytesRef[]) => Promise<unknown>): Promise<void> =>
    done(
      entries,
      lettingGo(bytes, ({ tx, gone }) => change(tx, gone)),
    );
  const takingAway = (outingId: string, removedAt: number): Along =>
    lettingGo(bytes, ({ tx, gone }) => takenAway(tx, gone, outingId, removedAt));
  const keep = async (picture: TracedPicture): Promise<void> => {
    const isSame = (stored: StoredPicture | undefined): stored is StoredPicture =>
      stored !== undefined && stored.file.bytes === known.get(picture.file);
    const key = PICTURES + picture.outingId;
    const stands = isSame(parsed(await entries.get(key)));
    const own = stands ? undefined : await bytes.keep(picture.file);
    const put = lettingGo(bytes, async ({ tx, gone }) => {
      const before = parsed(await tx.get(key));
      const file = own ?? (isSame(before) ? before.file : undefined);
      if (!file) throw new Error("another picture has come in between");
      if (before && before.file.bytes !== file.bytes) gone.push(before.file);
      await tx.put(key, JSON.stringify({ ...picture, file } satisfies StoredPicture));
    });
    const name = naming(bytes, own ? [own] : [], () => Promise.resolve());
    await done(entries, together(put, name));
    if (own) known.set(picture.file, own.bytes);
  };
  return {
    of: async (outingId) => shown(await entries.get(PICTURES + outingId)),
    keep: (picture) =>
      keep(picture).catch(async (error: unknown) => {
        if (failureOf(error).reason !== "storage-full" || !(await makeRoom())) throw error;
        await keep(picture);
      }),
    bringing: async (picture) => {
      const file = await bytes.keep(picture.file);
      const key = PICTURES + picture.outingId;
      let isTaken = false;
      return {
        write: async (tx) => {
          isTaken = (await tx.get(key)) != null;
          if (!isTaken) await tx.put(key, JSON.stringify({ ...picture, file } satisfies StoredPicture));
        },
        ended: async (isKept) => {
          if (!isKept || isTaken) await bytes.forget([file]).catch(() => undefined);
        },
      };
    },
    takingAway,
    remove: (outingId, removedAt) => done(entries, takingAway(outingId, removedAt)),
    removedOf: async (outingId) =>
      shown<StoredRemovedPicture>(await entries.get(REMOVED_PICTURES + outingId)),
    bringBack: async (outingId, at) => {
      let back: string | undefined;
      await changed(async (tx, gone) => {
        const found = parsed<StoredRemovedPicture>(await tx.get(REMOVED_PICTURES + outingId));
        if (!found) return;
        await tx.delete(REMOVED_PICTURES + outingId);
        await takenAway(tx, gone, outingId, at);
        const { removedAt: _, ...picture } = found;
        back = JSON.stringify(picture);
        await tx.put(PICTURES + outingId, back);
      });
      return shown(back);
    },
    sweep: async (before) => {
      let count = 0;
      await changed(async (tx, gone) => {
        count = 0;
        for (const key of await tx.keys(REMOVED_PICTURES)) {
          const { removedAt, file } = parsed<StoredRemovedPicture>(await tx.get(key))!;
          if (removedAt >= before) continue;
          gone.push(file);
          await tx.delete(key);
          count++;
        }
      });
      return count;
    },
    forget: (outingId) =>
      changed(async (tx, gone) => {
        for (const prefix of PREFIXES) {
          const stored = parsed(await tx.get(prefix + outingId));
          if (stored) gone.push(stored.file);
          await tx.delete(prefix + outingId);
        }
      }),
    named: async () => {
      const all = await Promise.all(PREFIXES.map((prefix) => entries.list(prefix)));
      return all.flat().map(([, text]) => parsed(text)!.file);
    },
  };
}

const parsed = <T extends StoredPicture>(text: string | null | undefined): T | undefined =>
  text == null ? undefined : (JSON.parse(text) as T);

/** Takes what stands for an outing away; the last one can be brought back, and the one before it goes. */
async function takenAway(
  tx: EntriesChange,
  gone: BytesRef[],
  outingId: string,
  removedAt: number,
): Promise<void> {
  const standing = parsed(await tx.get(PICTURES + outingId));
  if (!standing) return;
  const before = parsed(await tx.get(REMOVED_PICTURES + outingId));
  if (before) gone.push(before.file);
  await tx.put(
    REMOVED_PICTURES + outingId,
    JSON.stringify({ ...standing, removedAt } satisfies StoredRemovedPicture),
  );
  await tx.delete(PICTURES + outingId);
}

/** A picture as it is written into a file. */
function intoFile({ name, file, width, height, lie }: TracedPicture): FilePicture {
  const type = file.type as FilePicture["type"];
  return { name: pictureName(name), type, file, width, height, lie };
}

/** A picture of a file as it is kept for an outing. */
export function fromFile(outingId: string, { type: _, ...rest }: FilePicture): TracedPicture {
  return { outingId, ...rest, carried: true };
}

/**
 * The picture of an outing for its file, where it goes along: written anew where that is told, under a name that tells nothing. Rejects
 * where it cannot be read or written.
 */
export async function carriedPicture(
  pictures: Pictures,
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
export async function keptPicture(pictures: Pictures, outingId: string): Promise<FilePicture | undefined> {
  const picture = await pictures.of(outingId);
  return picture && intoFile(picture);
}
