import { openDB } from "idb";
import { demoKit, demoOutings } from "../../../demo";
import { createRepository } from "..";
import { hasFormer } from "./former";
import { freshStore, refusing } from "./for-tests";
import { moveIn } from "./move-in";
import { pageEntries } from "./page-entries";
import { createStore, type Store } from "./store";

const outing = demoOutings[0]!;
const other = demoOutings[1]!;
const key = `bp/outing/${outing.id}`;

/** The small storage of a browser. */
function small(entries: Readonly<Record<string, string>>) {
  const map = new Map(Object.entries(entries));
  return {
    map,
    getItem: (name: string) => map.get(name) ?? null,
    removeItem: (name: string) => void map.delete(name),
    key: (index: number) => [...map.keys()][index] ?? null,
    get length() {
      return map.size;
    },
  };
}

let journals = 0;

/** A journal as the last version kept it: each record with the texts of its states, the last one standing. */
async function journalOf(records: Readonly<Record<string, readonly (string | null)[]>>): Promise<string> {
  const name = `journal-${++journals}`;
  const db = await openDB(name, 1, {
    upgrade(made) {
      made.createObjectStore("records", { keyPath: "key" });
      made.createObjectStore("states", { keyPath: ["key", "revision"] });
      made.createObjectStore("texts", { keyPath: ["key", "revision"] });
    },
  });
  for (const [of, texts] of Object.entries(records)) {
    for (const [i, text] of texts.entries()) {
      const state = { key: of, revision: i + 1 };
      await db.put("states", { ...state, savedAt: 1000 * i, removed: text === null, change: `c${i}` });
      await db.put("texts", { ...state, text });
    }
    await db.put("records", { key: of, revision: texts.length, text: texts.at(-1) });
  }
  db.close();
  return name;
}

const at = (revision: number, name = outing.name): string => JSON.stringify({ ...outing, revision, name });
const journalsLeft = async (): Promise<(string | undefined)[]> =>
  (await indexedDB.databases()).map((db) => db.name);

test("what the last version kept comes with all its states, is cleared where it was, and works on", async () => {
  const store = await freshStore();
  const journalName = await journalOf({
    [key]: [at(1, "First"), at(2)],
    "bp/outing/gone": [JSON.stringify({ ...other, id: "gone", revision: 1 }), null],
    "bp/kit": [JSON.stringify(demoKit)],
  });
  const storage = small({ [key]: at(2), "bp/kit": JSON.stringify(demoKit), "bp/seeded": "1", else: "stays" });
  expect(await hasFormer([...storage.map.keys()])).toBe(true);
  expect(await moveIn(store, storage, { journalName })).toEqual([]);
  const repository = createRepository(store);
  expect(await repository.readOuting(outing.id)).toEqual({ ok: true, value: { ...outing, revision: 2 } });
  expect(await repository.outingAt(outing.id, 1)).toMatchObject({ value: { name: "First" } });
  expect(await repository.statesOfOuting(outing.id)).toMatchObject([
    { revision: 2, savedAt: 1000, change: "c1" },
    { revision: 1, savedAt: 0, change: "c0" },
  ]);
  expect(await repository.deletedOutings()).toMatchObject([{ outing: { id: "gone" }, deletedAt: 1000 }]);
  expect(await repository.read("kit")).toMatchObject({ value: demoKit, revision: 1 });
  expect(await repository.isBegun()).toBe(true);
  expect(await repository.saveOuting({ ...outing, revision: 2 })).toMatchObject({ value: { revision: 3 } });
  expect([...storage.map]).toEqual([["else", "stays"]]);
  expect(await journalsLeft()).not.toContain(journalName);
});

test("what the small storage alone had, or had newer, or under its first name, comes as well, and what stood before too", async () => {
  const store = await freshStore();
  const journalName = await journalOf({ [key]: [at(1)] });
  const storage = small({
    [key]: at(4, "Newer"),
    [`bp/before/${outing.id}`]: JSON.stringify({ version: 2, id: outing.id }),
    "bp/shoot/old": JSON.stringify({ ...other, id: "old", revision: 7 }),
    "bp/preferences": "{broken",
  });
  expect(await moveIn(store, storage, { journalName })).toEqual([]);
  expect(await store.standing(key)).toMatchObject({ revision: 4, text: at(4, "Newer") });
  const states = await store.states(key);
  expect(states.map((s) => s.revision)).toEqual([4, 1, 0]);
  expect(states.at(-1)).toMatchObject({ isLastOfVersion: true });
  expect(JSON.parse((await store.textOf(key, 0))!)).toMatchObject({ version: 2 });
  expect(await store.standing("bp/outing/old")).toMatchObject({ revision: 7 });
  expect(await createRepository(store).read("preferences")).toMatchObject({
    reason: "unreadable",
    unreadable: { raw: "{broken" },
  });
  expect(storage.map.size).toBe(0);
});

/** All that a store holds of a record. */
const whole = async (store: Store, of: string) => ({
  standing: await store.standing(of),
  states: await store.states(of),
  texts: await Promise.all((await store.states(of)).map((s) => store.textOf(of, s.revision))),
});

test.each(["UnknownError", "QuotaExceededError"])(
  "cut off at any operation by %s, the next start goes on and nothing is lost, doubled or left",
  async (error) => {
    const records = {
      [key]: [at(1, "First"), at(2)],
      "bp/outing/other": [JSON.stringify({ ...other, id: "other", revision: 1 })],
    };
    for (let nth = 1; nth < 200; nth++) {
      const store = await freshStore();
      const journalName = await journalOf(records);
      const storage = small({ [key]: at(2), "bp/kit": JSON.stringify(demoKit), "bp/seeded": "1" });
      const calls = await refusing(
        // From that operation on the device is gone, as where the page is killed.
        (n) => (n >= nth ? error : undefined),
        () => moveIn(store, storage, { journalName }).catch(() => []),
      );
      expect(await moveIn(store, storage, { journalName })).toEqual([]);
      expect(storage.map.size).toBe(0);
      expect(await journalsLeft()).not.toContain(journalName);
      const { standing, states, texts } = await whole(store, key);
      expect(standing).toMatchObject({ revision: 2, text: at(2) });
      expect(states).toHaveLength(2);
      expect(texts).toEqual([at(2), at(1, "First")]);
      expect(await whole(store, "bp/outing/other")).toMatchObject({ standing: { revision: 1 } });
      expect(await whole(store, "bp/kit")).toMatchObject({ states: [{ revision: 1 }] });
      if (calls < nth) return;
    }
    throw new Error("more operations than expected");
  },
);

test("a page of the last version that wrote on after the move is not lost, and its state comes behind what stands", async () => {
  const store = await freshStore();
  await moveIn(store, small({ [key]: at(3) }), { journalName: await journalOf({}) });
  const late = small({ [key]: at(5, "Late") });
  expect(await moveIn(store, late, { journalName: await journalOf({}) })).toEqual([]);
  expect((await store.states(key)).map((s) => s.revision)).toEqual([4, 3]);
  expect((await store.standing(key)).text).toBe(at(5, "Late"));
  // One that stood before is no news.
  await moveIn(store, small({ [key]: at(2, "Stale") }), { journalName: await journalOf({}) });
  expect((await store.standing(key)).text).toBe(at(5, "Late"));
});

test("into a store that lasts as long as the page it is copied, and stays where it was", async () => {
  const storage = small({ [key]: at(3), "bp/seeded": "1" });
  const store = createStore(pageEntries());
  expect(await moveIn(store, storage, { journalName: await journalOf({}), isForGood: false })).toEqual([]);
  expect(await createRepository(store).readOuting(outing.id)).toMatchObject({ value: { revision: 3 } });
  expect(storage.map.size).toBe(2);
});

test("where nothing of an earlier version is, nothing is looked for", async () => {
  expect(await hasFormer(["bp/theme", "bp/file-marks", "bp/draft/x"])).toBe(false);
});
