import { useEffect } from "react";
import { slice } from "../../../outing/slice";
import { openBeside } from "../../../store/open-repository";
import type { PictureLie, TracedPicture } from "@/data/beside";

interface Traced {
  readonly picture: TracedPicture | undefined;
  /** The picture as an address that an image can show. */
  readonly href: string | undefined;
  readonly isLookedFor: boolean;
  /** What could not be done, in words. */
  readonly fault: string | undefined;
  readonly load: () => Promise<void>;
  readonly take: (file: File, at: PictureLie["at"], metresWide: number) => Promise<void>;
  readonly lay: (lie: Partial<PictureLie>) => void;
  readonly carry: (carried: boolean) => void;
  readonly remove: () => void;
  /** One that was taken away, or gave way to another, can be brought back. */
  readonly hasRemoved: boolean;
  /** Brings it back; what stands there meanwhile can then be brought back in its turn. */
  readonly bringBack: () => Promise<void>;
  /** Puts a picture back that was taken away, unless another has come meanwhile. */
  readonly restore: (picture: TracedPicture) => void;
}

const FAULTS = {
  unreadable: "This file is no picture that the browser can show. Take a JPEG, a PNG or a screenshot.",
  room: "The picture is shown, but this browser had no room to keep it: it is gone when the page closes.",
} as const;

/** A picture no wider than so many px is kept as it is: a plan is legible far below. */
const MOST_PX = 2400;

/** What is kept as it came; anything else a browser shows is drawn into one of them. */
const KEPT_TYPES: readonly string[] = ["image/png", "image/jpeg", "image/webp", "image/gif"];

const store = async () => (await openBeside()).pictures;

/** The picture that an outing's ground is traced over, for as long as the page lives, and kept in this browser. */
const tracing = slice<Traced>((outingId) => (set, get) => {
  const shown = (picture: TracedPicture | undefined, fault?: string): void => {
    const { href, picture: before } = get();
    const same = picture?.file === before?.file;
    if (href && !same) URL.revokeObjectURL(href);
    set({ picture, fault, href: same ? href : picture && URL.createObjectURL(picture.file) });
  };
  const keep = async (picture: TracedPicture): Promise<void> => {
    shown(picture);
    try {
      await (await store()).keep(picture);
    } catch {
      set({ fault: FAULTS.room });
    }
  };
  return {
    picture: undefined,
    href: undefined,
    isLookedFor: false,
    fault: undefined,
    hasRemoved: false,
    load: async () => {
      if (get().isLookedFor) return;
      set({ isLookedFor: true });
      const pictures = await store();
      const found = await pictures.of(outingId).catch(() => undefined);
      const removed = await pictures.removedOf(outingId).catch(() => undefined);
      shown(found);
      set({ hasRemoved: removed !== undefined });
    },
    take: async (file, at, metresWide) => {
      const read = await smaller(file);
      if (!read) return set({ fault: FAULTS.unreadable });
      const { width, height } = read;
      if (get().picture) {
        const gaveWay = await (await store()).remove(outingId, Date.now()).then(
          () => true,
          () => false,
        );
        set({ hasRemoved: gaveWay || get().hasRemoved });
      }
      const lie = { at, bearing: 0, metresPerPx: metresWide / width, shows: 0.6 };
      await keep({ outingId, name: file.name, file: read.blob, width, height, lie });
    },
    lay: (lie) => {
      const { picture } = get();
      if (picture) void keep({ ...picture, lie: { ...picture.lie, ...lie } });
    },
    carry: (carried) => {
      const { picture } = get();
      if (picture) void keep({ ...picture, carried });
    },
    remove: () => {
      const { picture } = get();
      shown(undefined);
      if (!picture) return;
      void store()
        .then((pictures) => pictures.remove(outingId, Date.now()))
        .then(() => set({ hasRemoved: true }));
    },
    bringBack: async () => {
      const { picture: now } = get();
      const back = await (await store()).bringBack(outingId, Date.now()).catch(() => undefined);
      if (!back) return;
      shown(back);
      set({ hasRemoved: now !== undefined });
    },
    restore: (picture) => {
      if (!get().picture) void keep(picture);
    },
  };
});

/** A picture as it is kept: its px, no more than are needed; nothing where it is none. */
async function smaller(file: File): Promise<{ blob: Blob; width: number; height: number } | undefined> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return undefined;
  }
  const share = Math.min(1, MOST_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * share), Math.round(bitmap.height * share)];
  if (share === 1 && KEPT_TYPES.includes(file.type)) return { blob: file, width, height };
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext("2d")!.drawImage(bitmap, 0, 0, width, height);
  return { blob: await canvas.convertToBlob({ type: "image/jpeg", quality: 0.9 }), width, height };
}

/** The picture of the open outing, looked for once. */
export function useTraced(): Traced {
  const traced = tracing.useSlice((s) => s);
  const { load } = traced;
  useEffect(() => void load(), [load]);
  return traced;
}
