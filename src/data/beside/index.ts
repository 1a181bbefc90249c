import type { FilePicture } from "../files";
import type { Frames } from "../schema/frame";
import type { TagsInFile } from "../schema/tag";
import type { Along, Entries } from "../store/entries";
import type { Store } from "../store/store";
import { done, together } from "./along";
import { openBytes, type Bytes } from "./bytes";
import { carriedPicture, createPictures, fromFile, keptPicture, PICTURES, type Pictures } from "./pictures";
import { createFrames, type FrameStore } from "./frames";
import { createTags, type BroughtTag, type Tags } from "./tags";
import { carriedTags, tagsToBring } from "./tags-in-file";

export type { BroughtTag, RemovedTag } from "./tags";
export type { PictureLie, TracedPicture } from "./pictures";

/** What lies beside an outing of a file, with the id under which it will be here. */
export interface Arriving {
  readonly outingId: string;
  readonly tagged?: TagsInFile;
  readonly picture?: FilePicture;
  readonly framed?: Frames;
}

export interface Brought {
  readonly along: Along;
  /** To be written: all that was brought goes again; a picture can be brought back. `at` in epoch milliseconds. */
  takingAway(at: number): Along;
}

/** What lies beside the records of outings: entries of the same store, and the bytes that they name. */
export interface Beside {
  readonly tags: Tags;
  readonly pictures: Pictures;
  readonly frames: FrameStore;
  /** The frames of an outing and the clocks of its bodies for its file; nothing where there are none. Rejects where they cannot be read. */
  carriedFrames(outingId: string): Promise<Frames | undefined>;
  /** The tags of an outing for its file, with what was spoken; nothing where there are none. Rejects where they cannot be read. */
  carriedTags(outingId: string): Promise<TagsInFile | undefined>;
  /** Of the tags of a file those that are not here yet. Rejects where what is here cannot be read. */
  tagsToBring(arriving: readonly Arriving[]): Promise<BroughtTag[]>;
  /** As `carriedPicture`. */
  carriedPicture(outingId: string, anew?: (file: Blob) => Promise<Blob>): Promise<FilePicture | undefined>;
  /** The picture of an outing for a file of everything, which leaves nothing out; rejects where it cannot be read. */
  keptPicture(outingId: string): Promise<FilePicture | undefined>;
  /**
   * What comes with outings of a file, to be written in one transaction with them: tags that are not here yet, and pictures where none
   * is. Its bytes are kept before; rejects, and keeps nothing, where they find no room.
   */
  bringing(arriving: readonly Arriving[]): Promise<Brought>;
  /** What comes with outings that stand already, in one transaction; rejects where it could not be kept. */
  bring(arriving: readonly Arriving[]): Promise<void>;
  /** Of all outings: what was deleted before an instant, epoch milliseconds, and bytes that nothing named by then, go for good. */
  sweep(before: number): Promise<void>;
  /** All that lies beside an outing that is gone for good. Rejects where some of it stays. */
  forget(outingId: string): Promise<void>;
  /** All bytes go; the entries that name them go with the store. */
  clearBytes(): Promise<void>;
}

/** Beside a store that lasts, or one that lasts as long as the page. */
export const openBeside = (store: Store, isForGood: boolean): Beside => besideOf(store, openBytes(isForGood));

export function besideOf({ entries }: Store, bytes: Bytes): Beside {
  /** What was deleted gives way to what is new. */
  const makeRoom = async (): Promise<boolean> =>
    (await tags.sweep(Infinity).catch(() => 0)) + (await pictures.sweep(Infinity).catch(() => 0)) > 0;
  const tags = createTags(entries, bytes, makeRoom);
  const pictures = createPictures(entries, bytes, makeRoom);
  const frames = createFrames(entries);
  return {
    tags,
    pictures,
    frames,
    carriedFrames: async (outingId) => {
      const own = await frames.of(outingId);
      return own.frames.length > 0 ? own : undefined;
    },
    carriedTags: (outingId) => carriedTags(tags, outingId),
    tagsToBring: (arriving) => tagsOf(tags, arriving),
    carriedPicture: (outingId, anew) => carriedPicture(pictures, outingId, anew),
    keptPicture: (outingId) => keptPicture(pictures, outingId),
    bring: async (arriving) => {
      const { along } = await bringing({ tags, pictures, frames, entries }, arriving);
      await done(entries, along);
    },
    bringing: (arriving) => bringing({ tags, pictures, frames, entries }, arriving),
    sweep: async (before) => {
      await tags.sweep(before);
      await pictures.sweep(before);
      const refs = [...(await tags.named()), ...(await pictures.named())];
      await bytes.sweep(new Set(refs.map((ref) => ref.bytes)), before);
    },
    forget: async (outingId) => {
      await pictures.forget(outingId);
      await frames.forget(outingId);
      const { ok } = await tags.forget(outingId);
      if (!ok) throw new Error(`tags of ${outingId} stay`);
    },
    clearBytes: () => bytes.clear(),
  };
}

async function tagsOf(tags: Tags, arriving: readonly Arriving[]): Promise<BroughtTag[]> {
  const each = arriving.map((one) => (one.tagged ? tagsToBring(tags, one.outingId, one.tagged) : []));
  return (await Promise.all(each)).flat();
}

async function bringing(
  {
    tags,
    pictures,
    frames,
    entries,
  }: Pick<Beside, "tags" | "pictures" | "frames"> & { readonly entries: Entries },
  arriving: readonly Arriving[],
): Promise<Brought> {
  const brought = await tagsOf(tags, arriving);
  const alongs: Along[] = [];
  const pictured: string[] = [];
  try {
    alongs.push(await tags.bringing(brought));
    for (const { outingId, framed } of arriving) if (framed) alongs.push(frames.bringing(outingId, framed));
    for (const { outingId, picture } of arriving) {
      if (!picture || (await entries.get(PICTURES + outingId)) != null) continue;
      alongs.push(await pictures.bringing(fromFile(outingId, picture)));
      pictured.push(outingId);
    }
  } catch (error) {
    await together(...alongs).ended(false);
    throw error;
  }
  return {
    along: together(...alongs),
    takingAway: (at) =>
      together(
        tags.takingAway(brought),
        ...pictured.map((id) => pictures.takingAway(id, at)),
        ...arriving.flatMap(({ outingId, framed }) => (framed ? [frames.takingAway(outingId, framed)] : [])),
      ),
  };
}
