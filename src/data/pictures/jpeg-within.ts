/** A JPEG that lies within a file. */
interface Within {
  /** Bytes from the beginning of the file. */
  readonly offset: number;
  /** Bytes. */
  readonly length: number;
}

/** Pixels of the longer side below which a picture within a raw file is a thumbnail and no picture to look at. */
const LEAST_PX = 1000;
/** Directories that are followed at most: more are a fault of the file. */
const MOST_DIRECTORIES = 24;

const TAG = {
  compression: 0x0103,
  strips: 0x0111,
  stripBytes: 0x0117,
  subDirectories: 0x014a,
  jpeg: 0x0201,
  jpegBytes: 0x0202,
} as const;
/** JPEG in the old and the new way. */
const IS_JPEG = [6, 7];
const SIZE_OF: Readonly<Record<number, number>> = { 3: 2, 4: 4, 13: 4 };

async function viewOf(file: Blob, offset: number, length: number): Promise<DataView> {
  return new DataView(await file.slice(offset, offset + length).arrayBuffer());
}

/** The numbers of each tag of a directory, and where the next one lies; 0 where there is none (TIFF 6.0, section 2). */
async function directoryAt(
  file: Blob,
  offset: number,
  isLittle: boolean,
): Promise<{ tags: Map<number, number[]>; next: number } | undefined> {
  const head = await viewOf(file, offset, 2);
  if (head.byteLength < 2) return undefined;
  const count = head.getUint16(0, isLittle);
  const view = await viewOf(file, offset + 2, count * 12 + 4);
  if (view.byteLength < count * 12) return undefined;
  const tags = new Map<number, number[]>();
  for (let i = 0; i < count; i++) {
    const at = i * 12;
    const size = SIZE_OF[view.getUint16(at + 2, isLittle)];
    const values = view.getUint32(at + 4, isLittle);
    if (!size || values === 0 || values > 64) continue;
    const own =
      size * values <= 4
        ? new DataView(view.buffer, at + 8, 4)
        : await viewOf(file, view.getUint32(at + 8, isLittle), size * values);
    if (own.byteLength < size * values) continue;
    tags.set(
      view.getUint16(at, isLittle),
      Array.from({ length: values }, (_, n) =>
        size === 2 ? own.getUint16(2 * n, isLittle) : own.getUint32(4 * n, isLittle),
      ),
    );
  }
  const end = count * 12;
  return { tags, next: view.byteLength >= end + 4 ? view.getUint32(end, isLittle) : 0 };
}

function jpegOf(tags: ReadonlyMap<number, readonly number[]>): Within[] {
  const [offset, length] = [tags.get(TAG.jpeg)?.[0], tags.get(TAG.jpegBytes)?.[0]];
  const strips = tags.get(TAG.strips);
  const bytes = tags.get(TAG.stripBytes);
  const isJpeg = IS_JPEG.includes(tags.get(TAG.compression)?.[0] ?? 0);
  return [
    ...(offset && length ? [{ offset, length }] : []),
    ...(isJpeg && strips?.length === 1 && bytes?.length === 1
      ? [{ offset: strips[0]!, length: bytes[0]! }]
      : []),
  ];
}

/** The longer side of a JPEG in pixels, by the first of its frame headers (ITU-T T.81, B.2.2); 0 where there is none. */
export async function jpegLongSide(file: Blob): Promise<number> {
  const view = await viewOf(file, 0, 262_144);
  if (view.byteLength < 4 || view.getUint16(0) !== 0xffd8) return 0;
  for (let at = 2; at + 9 < view.byteLength;) {
    if (view.getUint8(at) !== 0xff) return 0;
    const marker = view.getUint8(at + 1);
    const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
    // Lossless ones are the raw data itself, which no browser draws.
    if (isFrame) return marker === 0xc3 ? 0 : Math.max(view.getUint16(at + 5), view.getUint16(at + 7));
    at += 2 + view.getUint16(at + 2);
  }
  return 0;
}

/**
 * The largest JPEG within a raw file that is TIFF within; nothing where there is none, or only thumbnails. The file is read in pieces:
 * its directories, and the head of each JPEG.
 */
export async function jpegWithin(file: Blob): Promise<Blob | undefined> {
  const head = await viewOf(file, 0, 8);
  if (head.byteLength < 8) return undefined;
  const order = head.getUint16(0);
  if (order !== 0x4949 && order !== 0x4d4d) return undefined;
  const isLittle = order === 0x4949;
  const found: Within[] = [];
  const waiting = [head.getUint32(4, isLittle)];
  const seen = new Set<number>();
  while (waiting.length > 0 && seen.size < MOST_DIRECTORIES) {
    const offset = waiting.shift()!;
    if (offset === 0 || seen.has(offset)) continue;
    seen.add(offset);
    const directory = await directoryAt(file, offset, isLittle);
    if (!directory) continue;
    found.push(...jpegOf(directory.tags));
    waiting.push(...(directory.tags.get(TAG.subDirectories) ?? []), directory.next);
  }
  let best: { readonly blob: Blob; readonly side: number } | undefined;
  for (const { offset, length } of found) {
    const blob = file.slice(offset, offset + length, "image/jpeg");
    const side = await jpegLongSide(blob);
    if (side >= LEAST_PX && side > (best?.side ?? 0)) best = { blob, side };
  }
  return best?.blob;
}
