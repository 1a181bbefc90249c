/** Bytes as letters, and back. */
export function lettersFrom(bytes: Uint8Array): string {
  let binary = "";
  // In pieces: a call takes only so many arguments.
  for (let i = 0; i < bytes.length; i += 0x8000)
    binary += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(binary);
}

export const bytesFrom = (base64: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(base64), (sign) => sign.charCodeAt(0));

/** The bytes of a file as letters, and back: how files go along within files. */
export const base64Of = async (file: Blob): Promise<string> =>
  lettersFrom(new Uint8Array(await file.arrayBuffer()));

export const blobFrom = (base64: string, type: string): Blob => new Blob([bytesFrom(base64)], { type });

/** Letters of one piece; four are three bytes. */
const LETTERS = 262_144;
const BYTES = (LETTERS / 4) * 3;

/** The bytes of a file as a file of letters, piece by piece: only one of them is held at once. */
export const lettersOf = (file: Blob): Promise<Blob> => piecewise(file, BYTES, base64Of);

/** The bytes that a file of letters says, piece by piece. Rejects where they are none. */
export const bytesOfLetters = (letters: Blob): Promise<Blob> =>
  piecewise(letters, LETTERS, async (piece) => blobFrom(await piece.text(), ""));

async function piecewise(
  file: Blob,
  size: number,
  by: (piece: Blob) => Promise<string | Blob>,
): Promise<Blob> {
  const pieces: (string | Blob)[] = [];
  for (let from = 0; from < file.size; from += size)
    pieces.push(new Blob([await by(file.slice(from, from + size))]));
  return new Blob(pieces);
}
