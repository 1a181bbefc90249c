import { deflateSync, Inflate, strFromU8, strToU8 } from "fflate";
import { absent, present, type Maybe } from "@/core/units";
import { bytesFrom, lettersFrom } from "../base64";
import { TYPICAL } from "./typical-file";

/** Characters that a link may have: more is no code that a phone's camera reads at arm's length. */
export const MOST_PACKED = 1500;
/** Bytes to which a packed text may unfold: what is larger was not made here. */
const MOST_UNPACKED = 2_000_000;

const DICTIONARY = strToU8(TYPICAL);

/**
 * A text packed into letters that a link may carry: deflate (RFC 1951) with a typical file as its dictionary, then base64url (RFC 4648).
 * Unpacked by `unpackText` of a version with the same dictionary.
 */
export function packText(text: string): string {
  const bytes = deflateSync(strToU8(text), { level: 9, dictionary: DICTIONARY });
  return lettersFrom(bytes).replace(/\+/g, "-").replace(/\//g, "_").replace(/=+$/, "");
}

/** The text of a link; absent where it is damaged, or would unfold to more than 2 MB. */
export function unpackText(packed: string): Maybe<string, "damaged" | "too-large"> {
  const parts: Uint8Array[] = [];
  let size = 0;
  try {
    const bytes = bytesFrom(packed.replace(/-/g, "+").replace(/_/g, "/"));
    const inflate = new Inflate({ dictionary: DICTIONARY });
    inflate.ondata = (part) => {
      size += part.length;
      if (size > MOST_UNPACKED) throw new RangeError("too large");
      parts.push(part);
    };
    // In small pieces, so that what unfolds without end is left before it fills the memory.
    for (let at = 0; at < bytes.length; at += PIECE)
      inflate.push(bytes.subarray(at, at + PIECE), at + PIECE >= bytes.length);
  } catch (error) {
    return absent(error instanceof RangeError ? "too-large" : "damaged");
  }
  if (size === 0) return absent("damaged");
  const all = new Uint8Array(size);
  let at = 0;
  for (const part of parts) {
    all.set(part, at);
    at += part.length;
  }
  return present(strFromU8(all));
}

/** Packed bytes that are unfolded at once: at most a thousand times as many come out. */
const PIECE = 256;
