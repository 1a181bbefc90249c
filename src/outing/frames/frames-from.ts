import { pressesOf } from "@/core/review";
import { newId } from "@/data";
import type { Frame } from "@/data/schema/frame";
import type { Header } from "@/data/pictures/read-header";

/** A picture's file and what its header tells. */
export interface PictureRead {
  /** With its folders, parted by "/". */
  readonly name: string;
  /** Bytes. */
  readonly size: number;
  readonly header: Header;
}

/** Name of a file without its folders: the same folder may be opened from elsewhere. */
export const baseName = (name: string): string => name.slice(name.lastIndexOf("/") + 1);

/** What a file is found again by: its name, its size and the time of its capture. */
const keyOf = (name: string, size: number, taken: number): string => `${baseName(name)}|${size}|${taken}`;

const keysOf = ({ files, taken }: Frame): string[] => files.map((f) => keyOf(f.name, f.size, taken));

/**
 * Frames of pictures that were read, one a press: what stands of the same press keeps what was said of it. What is new or changed alone is
 * given, and how many were known already as they are.
 */
export function framesFrom(
  read: readonly PictureRead[],
  standing: readonly Frame[],
  idOf: () => string = newId,
): { readonly frames: Frame[]; readonly known: number } {
  const byFile = new Map(standing.flatMap((frame) => keysOf(frame).map((key) => [key, frame] as const)));
  const files = read.map(({ header, ...file }) => ({
    ...file,
    taken: header.taken,
    body: header.body,
    header,
  }));
  let known = 0;
  const frames: Frame[] = [];
  for (const press of pressesOf(files)) {
    const own = press.map((f) => byFile.get(keyOf(f.name, f.size, f.taken))).find(Boolean);
    const made = frameOf(press, own, idOf);
    if (own && sameFiles(own, made)) known++;
    else frames.push(made);
  }
  return { frames, known };
}

const sameFiles = (a: Frame, b: Frame): boolean => a.files.length === b.files.length && a.rating === b.rating;

/** A press as a frame; files that stood in it before and were not read this time stay in it. */
function frameOf(press: readonly PictureRead[], own: Frame | undefined, idOf: () => string): Frame {
  const { header } = press[0]!;
  const rating = press.map((f) => f.header.rating).find((r) => r !== undefined);
  const names = new Set(press.map((f) => baseName(f.name)));
  const rest = own?.files.filter((f) => !names.has(baseName(f.name))) ?? [];
  return {
    ...own,
    ...header,
    id: own?.id ?? idOf(),
    files: [...press.map(({ name, size }) => ({ name, size })), ...rest],
    ...(rating !== undefined && { rating }),
  };
}

/** The files of a frame that are at hand, by what they are found again by. */
export const filesAtHand = <File>(frame: Frame, atHand: ReadonlyMap<string, File>): File[] =>
  keysOf(frame).flatMap((key) => atHand.get(key) ?? []);

export const fileKey = ({ name, size, header }: PictureRead): string => keyOf(name, size, header.taken);
