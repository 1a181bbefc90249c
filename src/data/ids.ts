const MOST = 40;

/** Letters and figures of a random id: 80 bits, so that none comes twice. */
const LONG = 16;
const SIGNS = "0123456789abcdefghijklmnopqrstuv";

/** An id that was never used and never will be again: of a record, and of whatever else is remembered after it is gone. */
export const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(LONG)), (byte) => SIGNS[byte % SIGNS.length]).join("");

/** The first free id of the form `base`, `base-2`, …, within 40 characters. */
export function freeId(base: string, taken: readonly { id: string }[]): string {
  const had = new Set(taken.map((item) => item.id));
  const isTaken = (id: string): boolean => had.has(id);
  const first = base.slice(0, MOST);
  if (!isTaken(first)) return first;
  for (let n = 2; ; n++) {
    const id = `${base.slice(0, MOST - 4)}-${n}`;
    if (!isTaken(id)) return id;
  }
}

/** A readable id from a name: "Keeper’s save" gives `keepers-save`; `fallback` where no letter is left. */
export function idFromName(name: string, taken: readonly { id: string }[], fallback = "item"): string {
  const plain = name
    .normalize("NFKD")
    .replace(/[\u0300-\u036f’']/g, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "");
  return freeId(plain.slice(0, MOST).replace(/-+$/, "") || fallback, taken);
}
