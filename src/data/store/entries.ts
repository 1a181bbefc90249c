/** A record as it was last kept; `text` is null once it was removed, or before anything was written. */
export interface Standing {
  readonly key: string;
  /** Grows by one with every write, a removal among them; 0 or more. */
  readonly revision: number;
  readonly text: string | null;
}

/** An earlier state of a record, or its present one, without its text. */
export interface State {
  readonly revision: number;
  /** Epoch milliseconds. */
  readonly savedAt: number;
  readonly removed: boolean;
  readonly change?: string;
  /** Revisions, as in `Write`. */
  readonly undoTo?: number;
  readonly redoTo?: number;
  /** The last of an older version of the program: it never expires. */
  readonly isLastOfVersion?: boolean;
}

/** Texts under keys, as AsyncStorage keeps them. */
export interface Entries {
  get(key: string): Promise<string | null | undefined>;
  /** Keys that begin so, each with its text. */
  list(prefix: string): Promise<readonly (readonly [key: string, text: string])[]>;
  /** All of a change on the disk, or none of it; resolves when it is there. Rejects with what the change rejects with. */
  change(work: (tx: EntriesChange) => Promise<unknown>): Promise<void>;
}

export interface EntriesChange {
  get(key: string): Promise<string | null | undefined>;
  put(key: string, text: string): Promise<unknown>;
  delete(key: string): Promise<unknown>;
  /** In the order of their signs. */
  keys(prefix: string): Promise<readonly string[]>;
  /** Every key that begins so; all of them for an empty one. */
  deleteAll(prefix: string): Promise<unknown>;
}

/** What is written with something else in its transaction, and hears how that ended. */
export interface Along {
  write(tx: EntriesChange): Promise<unknown>;
  /** Never rejects. */
  ended(isKept: boolean): Promise<void>;
}

/** How a record and its states lie among the entries: every text is JSON. The revision stands before the record, so that comparing it reads no record. */
const HEAD = /^\{"revision":(\d+),"record":/;

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
