import type { Frame } from "@/data/schema/frame";
import { filesAtHand } from "@/outing/frames/frames-from";
import { slice } from "../../../outing/slice";

/** A sidecar that lies beside pictures. */
export interface SidecarFile {
  /** With its folders, parted by "/". */
  readonly name: string;
  readonly file: File;
}

interface AtHand {
  /** By what they are found again by: only as long as the page lives, since a browser lets no page keep them. */
  readonly files: ReadonlyMap<string, File>;
  readonly sidecars: readonly SidecarFile[];
  /** The folder, where the browser gives one that can be written to. */
  readonly folder?: FileSystemDirectoryHandle;
  readonly add: (
    files: ReadonlyMap<string, File>,
    sidecars: readonly SidecarFile[],
    folder?: FileSystemDirectoryHandle,
  ) => void;
}

const atHand = slice<AtHand>(() => (set, get) => ({
  files: new Map(),
  sidecars: [],
  add: (files, sidecars, folder) =>
    set({
      files: new Map([...get().files, ...files]),
      sidecars: [...get().sidecars.filter((s) => sidecars.every((n) => n.name !== s.name)), ...sidecars],
      ...(folder && { folder }),
    }),
}));

export const useFilesAtHand = atHand.useSlice;
export const filesAtHandOf = atHand.of;

/** The files of a frame that are at hand, those that a browser draws first. */
export const filesOfFrame = (frame: Frame, files: ReadonlyMap<string, File>): File[] =>
  filesAtHand(frame, files).toSorted((a, b) => Number(isDrawn(b.name)) - Number(isDrawn(a.name)));

/** What every browser draws. */
export const isDrawn = (name: string): boolean => /\.jpe?g$/i.test(name);
