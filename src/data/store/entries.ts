import type { Standing, State } from "./store";

/** How a record and its states lie among the entries of the storage: every value is a text, and every text is JSON. */

const HEAD = /^\{"revision":(\d+),"record":/;

/** The revision stands before the record, so that comparing it reads no record. */
export const entryOf = ({ revision, text }: Omit<Standing, "key">): string =>
  `{"revision":${revision},"record":${text ?? "null"}}`;

/** What an entry says; one that was not written so is a record of revision 0 which nobody can read, with all of its text. */
export function standingOf(key: string, entry: string | null | undefined): Standing {
  if (entry == null) return { key, revision: 0, text: null };
  const head = HEAD.exec(entry);
  if (!head || !entry.endsWith("}")) return { key, revision: 0, text: entry };
  const text = entry.slice(head[0].length, -1);
  return { key, revision: Number(head[1]), text: text === "null" ? null : text };
}

/** Where the states of a record are listed, newest first, without their texts. */
export const statesKey = (key: string): string => `states/${key}`;
/** What the keys of the texts of a record's states begin with. */
export const textsPrefix = (key: string): string => `state/${key}/`;
/** Where the text of a state lies; "null" is that of a removal. */
export const textKey = (key: string, revision: number): string => textsPrefix(key) + revision;

/** The states in a list; none where there is no list, or a damaged one. */
export function statesIn(list: string | null | undefined): readonly State[] {
  try {
    return JSON.parse(list ?? "[]") as State[];
  } catch {
    return [];
  }
}
