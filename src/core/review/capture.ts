/** What the file of a picture tells of the press that made it; what it does not tell is left out. */
export interface Capture {
  readonly id: string;
  /** Epoch milliseconds by the camera's own clock, with its parts of a second where it writes them. */
  readonly taken: number;
  /** Whether the camera wrote parts of a second. */
  readonly hasSubSeconds: boolean;
  /** The body, by its number or its name: one clock. */
  readonly body: string;
  /** Seconds, above 0. */
  readonly exposureTime?: number;
  /** f-number, above 0. */
  readonly fNumber?: number;
  /** ISO speed, above 0. */
  readonly iso?: number;
  /** Millimetres, above 0. */
  readonly focalLengthMm?: number;
}

/** A file of a picture. */
export interface PictureFile {
  /** With the folders that it lies in, parted by "/". */
  readonly name: string;
  /** Bytes, 0 or more. */
  readonly size: number;
}

/** Name of a picture without its folders and its ending, as one press names all its files; in small letters. */
export function stemOf(name: string): string {
  const file = name.slice(name.lastIndexOf("/") + 1);
  const dot = file.lastIndexOf(".");
  return (dot > 0 ? file.slice(0, dot) : file).toLowerCase();
}

/** Milliseconds between the times in two files of one press: some write the end of what they took (assumed). */
const ONE_PRESS = 2_000;

/**
 * Files of one press put together, raw and JPEG: one stem, one body, one time. Each press holds its files in the order in
 * which they are given; presses stand in the order of their time.
 */
export function pressesOf<File extends Pick<Capture, "taken" | "body"> & PictureFile>(
  files: readonly File[],
): File[][] {
  const byStem = new Map<string, File[][]>();
  for (const file of files) {
    const key = `${stemOf(file.name)} ${file.body}`;
    const presses = byStem.get(key) ?? [];
    byStem.set(key, presses);
    const ending = (f: File): string => f.name.slice(f.name.lastIndexOf(".") + 1).toLowerCase();
    const press = presses.find(
      (p) =>
        Math.abs(p[0]!.taken - file.taken) <= ONE_PRESS && p.every((other) => ending(other) !== ending(file)),
    );
    if (press) press.push(file);
    else presses.push([file]);
  }
  return [...byStem.values()].flat().toSorted((a, b) => a[0]!.taken - b[0]!.taken);
}
