import { readHeader, type HeaderRead } from "@/data/pictures/read-header";

/** A picture's file with the name that it has in its folder. */
export interface NamedFile {
  /** With its folders, parted by "/". */
  readonly name: string;
  readonly file: Blob;
}

export interface HeadersAsked {
  readonly timeZone: string;
  readonly keepsPlace: boolean;
}

/** Files that are read at the same time: reading waits for the disk more than it computes. */
const AT_ONCE = 6;

/** The headers of files in their order. Nothing here knows that it runs in a worker. */
export async function readHeaders(files: readonly NamedFile[], asked: HeadersAsked): Promise<HeaderRead[]> {
  const read: HeaderRead[] = Array.from({ length: files.length });
  let next = 0;
  const reader = async (): Promise<void> => {
    for (let i = next++; i < files.length; i = next++)
      read[i] = await readHeader(files[i]!.file, files[i]!.name, asked);
  };
  await Promise.all(Array.from({ length: AT_ONCE }, reader));
  return read;
}
