import { bytesOfLetters, lettersOf } from "../base64";
import { newId } from "../ids";
import { textOfFile } from "./text-of-file";

/**
 * A value as a file of indented JSON. A member `file` that holds bytes stands in it as a member `base64` of letters; however many such
 * bytes there are, only a piece of them is held at once.
 */
export async function jsonFile(value: object): Promise<Blob> {
  const mark = newId();
  const files: Blob[] = [];
  const text = jsonText(value, (_key, one: unknown) => {
    const holder = one as { readonly file?: unknown } | null | undefined;
    if (!(holder?.file instanceof Blob)) return one;
    const { file, ...rest } = holder;
    return { ...rest, base64: `${mark}${files.push(file as Blob)}` };
  });
  const parts: (string | Blob)[] = [];
  let from = 0;
  for (const [i, file] of files.entries()) {
    const to = text.indexOf(`${mark}${i + 1}"`, from);
    parts.push(text.slice(from, to), await lettersOf(file));
    from = to + `${mark}${i + 1}`.length;
  }
  return new Blob([...parts, text.slice(from)], { type: "application/json" });
}

/** A value without bytes as the text of such a file. */
export const jsonText = (value: object, replacer?: (key: string, value: unknown) => unknown): string =>
  `${JSON.stringify(value, replacer, 2)}\n`;

/** Letters of a text from which on it is taken for bytes, where it could be such: no text of a record is as long. */
const LONG = 32_768;

/**
 * The value of a JSON file. Long texts that are letters of bytes are read out of the file piece by piece and come as files; nothing is
 * thrown for the rest, which `JSON.parse` would refuse: undefined then.
 */
export async function valueOfFile(file: Blob): Promise<unknown> {
  const lifted = await lettersIn(file);
  const mark = newId();
  const parts: (string | Blob)[] = [];
  let from = 0;
  for (const [i, { start, end }] of lifted.entries()) {
    parts.push(file.slice(from, start), `${mark}${i}`);
    from = end;
  }
  const files = await Promise.all(lifted.map(({ start, end }) => bytesOfLetters(file.slice(start, end))));
  try {
    const value: unknown = JSON.parse(await textOfFile(new Blob([...parts, file.slice(from)])));
    return files.length === 0 ? value : withFiles(value, mark, files);
  } catch {
    return undefined;
  }
}

/** The same value with files where their marks stand. */
function withFiles(value: unknown, mark: string, files: readonly Blob[]): unknown {
  if (typeof value === "string")
    return value.startsWith(mark) ? files[Number(value.slice(mark.length))] : value;
  if (typeof value !== "object" || value === null) return value;
  if (Array.isArray(value)) return value.map((one) => withFiles(one, mark, files));
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, withFiles(one, mark, files)]));
}

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
/** Bytes of a file that are looked through at once. */
const AT_ONCE = 1_048_576;

interface Stretch {
  /** Bytes of the file, the end outside. */
  readonly start: number;
  readonly end: number;
}

/** Where long letters of bytes lie in a JSON file, without their quotes. */
async function lettersIn(file: Blob): Promise<readonly Stretch[]> {
  const long: Stretch[] = [];
  /** The first byte of the text that is open. */
  let start: number | undefined;
  let backslashes = 0;
  for (let at = 0; at < file.size; at += AT_ONCE) {
    const bytes = new Uint8Array(await file.slice(at, at + AT_ONCE).arrayBuffer());
    const before = backslashes;
    for (let i = bytes.indexOf(QUOTE); i >= 0; i = bytes.indexOf(QUOTE, i + 1)) {
      if (start === undefined) start = at + i + 1;
      else if (backslashesUpTo(bytes, i, before) % 2 === 0) {
        if (at + i - start >= LONG) long.push({ start, end: at + i });
        start = undefined;
      }
    }
    backslashes = backslashesUpTo(bytes, bytes.length, before);
  }
  const isLetters = await Promise.all(long.map(({ start: from, end }) => areLetters(file.slice(from, end))));
  return long.filter((_, i) => isLetters[i]);
}

/** How many stand before a byte without a gap; `before` are those at the end of the piece before. */
function backslashesUpTo(bytes: Uint8Array, end: number, before: number): number {
  let from = end;
  while (from > 0 && bytes[from - 1] === BACKSLASH) from--;
  return end - from + (from === 0 ? before : 0);
}

async function areLetters(letters: Blob): Promise<boolean> {
  if (letters.size % 4 !== 0) return false;
  for (let at = 0; at < letters.size; at += AT_ONCE) {
    const text = await letters.slice(at, at + AT_ONCE).text();
    const isLast = at + AT_ONCE >= letters.size;
    if (!(isLast ? /^[A-Za-z0-9+/]*={0,2}$/ : /^[A-Za-z0-9+/]*$/).test(text)) return false;
  }
  return true;
}

/** Whether two files hold the same bytes. */
export async function sameFile(a: Blob, b: Blob): Promise<boolean> {
  if (a.size !== b.size) return false;
  for (let at = 0; at < a.size; at += AT_ONCE) {
    const [mine, theirs] = await Promise.all(
      [a, b].map(async (file) => new Uint8Array(await file.slice(at, at + AT_ONCE).arrayBuffer())),
    );
    if (!mine!.every((byte, i) => byte === theirs![i])) return false;
  }
  return true;
}
