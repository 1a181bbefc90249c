import type { Page } from "@playwright/test";

/** The records as the browser keeps them: entries of one database, each a text with its revision and its record. */
const DATABASE = "bright-perch-records";

interface Asked {
  readonly database: string;
  /** Entries to be put; null takes one away. */
  readonly put?: Readonly<Record<string, string | null>>;
}

/** Every entry by its key, after those of `put` are put. */
const entries = (page: Page, put?: Asked["put"]): Promise<Record<string, string>> =>
  page.evaluate(
    async ({ database, put = {} }: Asked) => {
      if (!(await indexedDB.databases()).some(({ name }) => name === database)) return {};
      const ended = <T>(request: IDBRequest<T>): Promise<T> =>
        new Promise((done, failed) => {
          request.onsuccess = () => done(request.result);
          request.onerror = () => failed(request.error as Error);
        });
      const db = await ended(indexedDB.open(database));
      const store = db.transaction("entries", "readwrite").objectStore("entries");
      for (const [key, text] of Object.entries(put))
        await (text === null ? ended(store.delete(key)) : ended(store.put(text, key)));
      const keys = (await ended(store.getAllKeys())) as string[];
      const values = (await ended(store.getAll())) as string[];
      db.close();
      return Object.fromEntries(keys.map((key, i) => [key, values[i]!]));
    },
    { database: DATABASE, ...(put && { put }) },
  );

/** A record as it stands; null where none does. */
export async function storedRecord(page: Page, key: string) {
  const text = (await entries(page))[key];
  return text === undefined ? null : JSON.parse(text).record;
}

/** The keys under which something of a prefix stands. */
export const storedKeys = async (page: Page, prefix: string): Promise<string[]> =>
  Object.keys(await entries(page)).filter((key) => key.startsWith(prefix));

/** Puts a record past the application, as a slip of the disk or another program would; null takes it away with its states. */
export async function putRecord(page: Page, key: string, record: object | null, revision = 1): Promise<void> {
  const keys = record ? [] : await storedKeys(page, "");
  const own = keys.filter((k) => k === key || k === `states/${key}` || k.startsWith(`state/${key}/`));
  await entries(page, {
    ...Object.fromEntries(own.map((k) => [k, null])),
    ...(record && { [key]: JSON.stringify({ revision, record }) }),
  });
}

/** Everything that is kept of the records, as one text. */
export const allStored = async (page: Page): Promise<string> => JSON.stringify(await entries(page));
