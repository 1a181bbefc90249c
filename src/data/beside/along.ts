import type { Along, Entries, EntriesChange } from "../store/entries";
import type { Bytes, BytesRef } from "./bytes";

/** A change of the entries, and the bytes that it lets go of. */
export interface Change {
  readonly tx: EntriesChange;
  readonly gone: BytesRef[];
}

/** A change that lets go of bytes: they go once it is kept. What stays by a failure is named by nothing, and swept. */
export function lettingGo(bytes: Bytes, change: (change: Change) => Promise<unknown>): Along {
  let gone: BytesRef[] = [];
  return {
    write: (tx) => {
      gone = [];
      return change({ tx, gone });
    },
    ended: async (isKept) => {
      if (isKept) await bytes.forget(gone).catch(() => undefined);
    },
  };
}

/** A change that names bytes which are kept already: they go again where it is not kept. */
export const naming = (bytes: Bytes, named: readonly BytesRef[], write: Along["write"]): Along => ({
  write,
  ended: async (isKept) => {
    if (!isKept) await bytes.forget(named).catch(() => undefined);
  },
});

/** Several in one transaction. */
export const together = (...all: readonly Along[]): Along => ({
  write: async (tx) => {
    for (const one of all) await one.write(tx);
  },
  ended: async (isKept) => {
    for (const one of all) await one.ended(isKept);
  },
});

/** In a transaction of its own; rejects where it could not be kept. */
export async function done(entries: Entries, along: Along): Promise<void> {
  try {
    await entries.change((tx) => along.write(tx));
  } catch (error) {
    await along.ended(false);
    throw error;
  }
  await along.ended(true);
}
