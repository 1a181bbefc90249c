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

/** Entries that are no records, such as tags, by their keys. */
export async function storedBeside(page: Page, prefix: string): Promise<Record<string, any>> {
  const all = Object.entries(await entries(page)).filter(([key]) => key.startsWith(prefix));
  return Object.fromEntries(all.map(([key, text]) => [key, JSON.parse(text)]));
}

/** Puts such entries past the application. */
export const putBeside = async (page: Page, beside: Readonly<Record<string, unknown>>): Promise<void> =>
  void (await entries(
    page,
    Object.fromEntries(Object.entries(beside).map(([key, value]) => [key, JSON.stringify(value)])),
  ));

/** Every whole of bytes by its name, as figures. */
export const storedBytes = (page: Page): Promise<Record<string, number[]>> =>
  page.evaluate(async () => {
    if (!(await indexedDB.databases()).some(({ name }) => name === "bright-perch-bytes")) return {};
    const db = await new Promise<IDBDatabase>((done) => {
      const asked = indexedDB.open("bright-perch-bytes");
      asked.onsuccess = () => done(asked.result);
    });
    const found: Record<string, number[]> = {};
    await new Promise<void>((done) => {
      const asked = db.transaction("pieces").objectStore("pieces").openCursor();
      asked.onsuccess = () => {
        const cursor = asked.result;
        if (!cursor) return done();
        const [name] = cursor.key as [string, number];
        found[name] = [...(found[name] ?? []), ...(cursor.value as Uint8Array)];
        cursor.continue();
      };
    });
    db.close();
    return found;
  });

/** Puts a whole of bytes past the application. */
export const putBytes = (page: Page, bytes: string, content: readonly number[]): Promise<void> =>
  page.evaluate(
    async ([name, figures]) => {
      const db = await new Promise<IDBDatabase>((done) => {
        const asked = indexedDB.open("bright-perch-bytes", 1);
        asked.onupgradeneeded = () => {
          asked.result.createObjectStore("heads", { keyPath: "bytes" });
          asked.result.createObjectStore("pieces");
        };
        asked.onsuccess = () => done(asked.result);
      });
      const tx = db.transaction(["heads", "pieces"], "readwrite");
      tx.objectStore("heads").put({ bytes: name, keptAt: Date.now() });
      tx.objectStore("pieces").put(new Uint8Array(figures), [name, 0]);
      await new Promise((done) => (tx.oncomplete = done));
      db.close();
    },
    [bytes, content] as const,
  );

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
