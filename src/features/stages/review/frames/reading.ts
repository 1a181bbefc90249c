import { MOST_FRAMES } from "@/data/schema/frame";
import type { HeaderRead } from "@/data/pictures/read-header";
import { ratingIn } from "@/data/pictures/rating-in";
import { clocksFound } from "@/outing/frames/bursts";
import { fileKey, framesFrom, type PictureRead } from "@/outing/frames/frames-from";
import { sidecarBeside } from "@/outing/frames/sidecars";
import type { OutingView } from "@/outing/outing-view";
import { openBeside } from "../../../store/open-repository";
import { slice } from "../../../outing/slice";
import type { NamedFile } from "@/workers/picture-files";
import type { Reading } from "@/workers/picture-files-client";
import { filesAtHandOf, type SidecarFile } from "./files-at-hand";
import { framesOf } from "./frames-store";

/** A file that tells nothing of a press, and why. */
export interface Unread {
  readonly name: string;
  readonly reason: Extract<HeaderRead, { ok: false }>["reason"];
}

type State =
  | { readonly kind: "idle" }
  | { readonly kind: "reading"; readonly done: number; readonly total: number; readonly isPaused: boolean }
  | { readonly kind: "keeping"; readonly frames: number }
  | { readonly kind: "failed" }
  | { readonly kind: "full" }
  | { readonly kind: "too-many" }
  | { readonly kind: "done"; readonly added: number; readonly known: number; readonly isWhole: boolean };

export interface Chosen {
  readonly files: readonly { readonly name: string; readonly file: File }[];
  readonly folder?: FileSystemDirectoryHandle;
}

interface PicturesIn {
  readonly state: State;
  readonly unread: readonly Unread[];
  /** Whether the places of pictures are kept. */
  readonly keepsPlace: boolean;
  readonly setKeepsPlace: (keeps: boolean) => void;
  readonly start: (chosen: Chosen, view: OutingView) => Promise<void>;
  readonly pause: () => void;
  readonly resume: () => void;
  readonly stop: () => void;
}

const isSidecar = (name: string): boolean => /\.xmp$/i.test(name);
/** Files that no person means by "pictures": what systems and cameras leave in their folders. */
const isLeft = (name: string): boolean => /(^|\/)(\.|thumbs\.db$)|\.(thm|ini|db)$/i.test(name);

/** Reads pictures in: headers in a worker, then frames beside the record, then the clocks that agree with the day. */
const reading = slice<PicturesIn>((outingId) => (set, get) => {
  let run: Reading | undefined;
  const paused = (isPaused: boolean): void => {
    const { state } = get();
    if (state.kind === "reading") set({ state: { ...state, isPaused } });
  };
  return {
    state: { kind: "idle" },
    unread: [],
    keepsPlace: false,
    setKeepsPlace: (keepsPlace) => set({ keepsPlace }),
    start: async ({ files, folder }, { outing }) => {
      const sidecars: SidecarFile[] = files.filter((f) => isSidecar(f.name));
      const pictures = files.filter((f) => !isSidecar(f.name) && !isLeft(f.name));
      set({ state: { kind: "reading", done: 0, total: pictures.length, isPaused: false }, unread: [] });
      const { startReading } = await import("@/workers/picture-files-client");
      const asked = { timeZone: outing.timeZone, keepsPlace: get().keepsPlace };
      run = startReading(pictures satisfies readonly NamedFile[], asked, ({ done, total }) => {
        const { state } = get();
        if (state.kind === "reading") set({ state: { ...state, done, total } });
      });
      const headers = await run.result.catch(() => undefined);
      if (!headers) return set({ state: { kind: "failed" } });
      const read: PictureRead[] = [];
      const unread: Unread[] = [];
      const atHand = new Map<string, File>();
      headers.forEach((header, i) => {
        const { name, file } = pictures[i]!;
        if (!header.ok) return void unread.push({ name, reason: header.reason });
        const picture = { name, size: file.size, header: header.header };
        read.push(picture);
        atHand.set(fileKey(picture), file);
      });
      filesAtHandOf(outingId).getState().add(atHand, sidecars, folder);
      const rated = await withRatings(read, sidecars);
      await keepFrames(
        outingId,
        rated,
        outing,
        (state) => set({ state, unread }),
        headers.length === pictures.length,
      );
    },
    pause: () => {
      run?.pause();
      paused(true);
    },
    resume: () => {
      run?.resume();
      paused(false);
    },
    stop: () => run?.stop(),
  };
});

/** A rating that stands in a sidecar rules over the one in the file: programs write it later. */
async function withRatings(
  read: readonly PictureRead[],
  sidecars: readonly SidecarFile[],
): Promise<PictureRead[]> {
  if (sidecars.length === 0) return [...read];
  return Promise.all(
    read.map(async (picture) => {
      const text = await sidecarBeside(picture.name, sidecars)?.file.text();
      const rating = text === undefined ? undefined : ratingIn(text);
      return rating === undefined ? picture : { ...picture, header: { ...picture.header, rating } };
    }),
  );
}

async function keepFrames(
  outingId: string,
  read: readonly PictureRead[],
  outing: OutingView["outing"],
  tell: (state: State) => void,
  isWhole: boolean,
): Promise<void> {
  const { load } = framesOf(outingId).getState();
  if (framesOf(outingId).getState().state !== "read") await load();
  const { frames, known } = framesFrom(read, framesOf(outingId).getState().frames);
  if (framesOf(outingId).getState().frames.length + frames.length > MOST_FRAMES)
    return tell({ kind: "too-many" });
  tell({ kind: "keeping", frames: frames.length });
  const { put, putClocks } = framesOf(outingId).getState();
  if (frames.length > 0 && !(await put(frames))) return tell({ kind: "full" });
  const tags = await (await openBeside()).tags.of(outingId).catch(() => []);
  const all = framesOf(outingId).getState();
  const found = clocksFound(outing, all.frames, all.clocks, tags);
  if (found.length > 0) await putClocks([...all.clocks, ...found]);
  tell({ kind: "done", added: frames.length, known, isWhole });
}

export const usePicturesIn = reading.useSlice;
