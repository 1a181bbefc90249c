import "fake-indexeddb/auto";
import { deleteDB } from "idb";
import { demoKit, demoOutings } from "../../demo";
import { createRepository, DEFAULT_PREFERENCES, openIdbJournal, type KeyValueStore } from ".";
import { expired, type Journal } from "./journal";

function memory(isFull = () => false): KeyValueStore & { map: Map<string, string> } {
  const map = new Map<string, string>();
  return {
    map,
    getItem: async (key) => map.get(key) ?? null,
    setItem: async (key, value) => {
      if (isFull()) throw new DOMException("the quota has been exceeded", "QuotaExceededError");
      map.set(key, value);
    },
    removeItem: async (key) => void map.delete(key),
    getAllKeys: async () => [...map.keys()],
  };
}

let databases = 0;
const fresh = (): Promise<Journal> => openIdbJournal(`test-${++databases}`);
const outing = demoOutings[0]!;

test("two saves in the same instant both won and one was lost silently", async () => {
  const journal = await fresh();
  for (let run = 0; run < 30; run++) {
    const store = memory();
    const id = `race-${run}`;
    const tabs = [createRepository(store, journal), createRepository(store, journal)] as const;
    await tabs[0].saveOuting({ ...outing, id });
    const saved = await Promise.all(
      tabs.map((tab, i) => tab.saveOuting({ ...outing, id, revision: 1, name: `Tab ${i}` })),
    );
    expect(saved.map((s) => s.ok).toSorted()).toEqual([false, true]);
    const winner = saved.findIndex((s) => s.ok);
    expect(await tabs[0].readOuting(id)).toMatchObject({ value: { name: `Tab ${winner}`, revision: 2 } });
  }
});

test("kit, library and preferences of one tab were written over by another", async () => {
  const journal = await fresh();
  const store = memory();
  const [mine, theirs] = [createRepository(store, journal), createRepository(store, journal)];
  await mine.saveKit(demoKit, 0);
  const read = await theirs.readKit();
  expect(read.revision).toBe(1);
  await mine.saveKit({ ...demoKit, cards: [] }, 1);
  // Whatever else the page has read meanwhile: a save follows the revision that it was made from.
  expect(await theirs.readKit()).toMatchObject({ value: { cards: [] }, revision: 2 });
  expect(await theirs.saveKit(demoKit, read.revision)).toMatchObject({ ok: false, reason: "overtaken" });
  expect(await theirs.saveKit(demoKit, 2)).toMatchObject({ ok: true });
  const { revision } = await mine.readPreferences();
  expect(revision).toBe(0);
  await theirs.savePreferences({ ...DEFAULT_PREFERENCES, theme: "hide" }, 0);
  expect(await mine.savePreferences(DEFAULT_PREFERENCES, revision)).toMatchObject({ reason: "overtaken" });
});

test("an edit that was told as kept was gone when the storage had no room for it", async () => {
  const journal = await fresh();
  let full = false;
  const store = memory(() => full);
  const repository = createRepository(store, journal);
  await repository.saveOuting(outing);
  full = true;
  expect(await repository.saveOuting({ ...outing, revision: 1, name: "Replay" })).toMatchObject({ ok: true });
  expect(JSON.parse(store.map.get(`bp/outing/${outing.id}`)!)).toMatchObject({ revision: 1 });
  const later = createRepository(store, journal);
  expect(await later.readOuting(outing.id)).toMatchObject({ value: { name: "Replay", revision: 2 } });
  expect((await later.listOutings()).outings).toMatchObject([{ name: "Replay" }]);
});

test("a record that only the storage has, or has newer, is taken from there", async () => {
  const journal = await fresh();
  const store = memory();
  const repository = createRepository(store, journal);
  store.map.set(`bp/outing/${outing.id}`, JSON.stringify({ ...outing, revision: 4 }));
  expect(await repository.readOuting(outing.id)).toMatchObject({ value: { revision: 4 } });
  expect(await repository.saveOuting({ ...outing, revision: 4, name: "Replay" })).toMatchObject({ ok: true });
  expect(await repository.statesOfOuting(outing.id)).toMatchObject([{ revision: 5 }, { revision: 4 }]);
  store.map.set(`bp/outing/${outing.id}`, JSON.stringify({ ...outing, revision: 9, name: "Elsewhere" }));
  expect(await repository.readOuting(outing.id)).toMatchObject({ value: { name: "Elsewhere", revision: 9 } });
});

test("what was removed could not be brought back, or came back by itself from the storage", async () => {
  const journal = await fresh();
  const store = memory();
  const repository = createRepository(store, journal);
  await repository.saveOuting(outing);
  const stale = store.map.get(`bp/outing/${outing.id}`)!;
  expect(await repository.removeOuting(outing.id)).toEqual({ ok: true, value: true });
  store.map.set(`bp/outing/${outing.id}`, stale);
  expect(await repository.readOuting(outing.id)).toMatchObject({ reason: "missing" });
  expect((await repository.listOutings()).outings).toEqual([]);
  expect(await repository.saveOuting({ ...outing, revision: 1 })).toMatchObject({ reason: "overtaken" });
  expect(await repository.outingAt(outing.id, 1)).toMatchObject({ value: { name: outing.name } });
  expect(await repository.saveOuting({ ...outing, revision: 0 })).toMatchObject({ value: { revision: 3 } });
});

test("an import was kept in part when a part of it could not be", async () => {
  const journal = await fresh();
  const store = memory();
  const repository = createRepository(store, journal);
  await repository.saveOuting(outing);
  await repository.readKit();
  const overtaken = { ...demoOutings[1]!, revision: 7 };
  const result = await repository.saveTogether({
    kit: demoKit,
    outings: [{ ...outing, revision: 1, name: "New" }, overtaken],
  });
  expect(result).toMatchObject({ ok: false, reason: "overtaken" });
  expect(await repository.readKit()).toMatchObject({ reason: "missing" });
  expect(await repository.readOuting(outing.id)).toMatchObject({ value: { name: outing.name } });
  const many = Array.from({ length: 60 }, (_, i) => ({ ...outing, id: `outing-${i}`, revision: 0 }));
  expect(await repository.saveTogether({ kit: demoKit, outings: many })).toMatchObject({ ok: true });
  expect((await repository.listOutings()).outings).toHaveLength(61);
});

test("what the schema would not read again was kept: every record is refused with place and cause", async () => {
  const journal = await fresh();
  const repository = createRepository(memory(), journal);
  const position = outing.ground.positions[0]!;
  const positions = Array.from({ length: 61 }, (_, i) => ({ ...position, id: i > 2 ? `p-${i}` : "abc"[i]! }));
  expect(await repository.saveOuting({ ...outing, ground: { ...outing.ground, positions } })).toMatchObject({
    ok: false,
    reason: "refused",
    faults: [{ path: "ground.positions" }],
  });
  const bodies = Array.from({ length: 51 }, (_, i) => ({ ...demoKit.bodies[0]!, id: `b-${i}` }));
  expect(await repository.saveKit({ ...demoKit, bodies }, 0)).toMatchObject({ reason: "refused" });
  const walkingPace = NaN;
  expect(await repository.savePreferences({ ...DEFAULT_PREFERENCES, walkingPace }, 0)).toMatchObject({
    reason: "refused",
    faults: [{ path: "walkingPace" }],
  });
  expect(await repository.listOutings()).toEqual({ outings: [], unreadable: [] });
  expect(await repository.readKit()).toMatchObject({ reason: "missing" });
});

test("of many states the last hundred are kept, and the last of every day", () => {
  const day = 86_400_000;
  const states = Array.from({ length: 300 }, (_, i) => ({
    revision: i + 1,
    savedAt: Math.floor(i / 60) * day,
  }));
  const gone = new Set(expired(states));
  const kept = states.filter((s) => !gone.has(s.revision)).map((s) => s.revision);
  expect(kept).toEqual([60, 120, 180, ...Array.from({ length: 100 }, (_, i) => 201 + i)]);
  expect(expired([])).toEqual([]);
});

test("the states of a record keep what was done and stay within their number", async () => {
  const journal = await fresh();
  const repository = createRepository(memory(), journal);
  for (let revision = 0; revision < 105; revision++)
    await repository.saveOuting({ ...outing, revision }, { change: `change ${revision}`, undoTo: revision });
  const states = await repository.statesOfOuting(outing.id);
  expect(states).toHaveLength(100);
  expect(states[0]).toMatchObject({ revision: 105, change: "change 104", undoTo: 104, removed: false });
  expect(await repository.outingAt(outing.id, 3)).toMatchObject({ reason: "missing" });
});

test("a connection that the browser had closed refused every write until the page was loaded anew", async () => {
  const name = `test-${++databases}`;
  const journal = await openIdbJournal(name);
  const put = (text: string) => journal.write([{ key: "bp/outing/x", follows: 0, text }]);
  expect(await put("before")).toEqual({ ok: true });
  // Whoever clears the site closes the connection and leaves an empty database.
  await deleteDB(name);
  expect(await put("after")).toEqual({ ok: true });
  expect(await journal.standing("bp/outing/x")).toMatchObject({ revision: 1, text: "after" });
});
