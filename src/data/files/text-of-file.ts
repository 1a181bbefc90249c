/** Byte order marks, with the encoding that each tells. */
const MARKS = [
  { bytes: [0xff, 0xfe], encoding: "utf-16le" },
  { bytes: [0xfe, 0xff], encoding: "utf-16be" },
] as const;

/** Bytes at the head of a file by which an unmarked UTF-16 is told: in text of Latin letters every other one is 0. */
const LOOKED_AT = 200;

function unmarked(bytes: Uint8Array): "utf-16le" | "utf-16be" | undefined {
  const head = bytes.subarray(0, LOOKED_AT - (LOOKED_AT % 2));
  const zeros = [0, 0];
  head.forEach((byte, i) => byte === 0 && zeros[i % 2]!++);
  const most = head.length / 4;
  if (zeros[1]! > most && zeros[0] === 0) return "utf-16le";
  return zeros[0]! > most && zeros[1] === 0 ? "utf-16be" : undefined;
}

/**
 * The text of a file as spreadsheets and clubs write it: UTF-8, UTF-16 with or without its mark, and whatever is none of these in the
 * encoding of western desktops (Windows-1252, of which Latin-1 is a part).
 */
export function textOfBytes(bytes: Uint8Array): string {
  const marked = MARKS.find((mark) => mark.bytes.every((byte, i) => bytes[i] === byte))?.encoding;
  const wide = marked ?? unmarked(bytes);
  if (wide) return new TextDecoder(wide).decode(bytes);
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder("windows-1252").decode(bytes);
  }
}

/** The text of a chosen file. */
export const textOfFile = async (file: Blob): Promise<string> =>
  textOfBytes(new Uint8Array(await file.arrayBuffer()));
