import { createAsyncStorage } from "@react-native-async-storage/async-storage";
import { forceCloseDatabase } from "fake-indexeddb";
import { deleteDB } from "idb";
import { demoKit, demoOutings } from "../../../demo";
import { createRepository, DEFAULT_PREFERENCES, OUTING_PREFIX } from "..";
import { freshStore } from "./for-tests";
import { rewriteAll } from "./rewrite";
import { expired } from "./store";

const outing = demoOutings[0]!;

test("two saves in the same instant both won and one was lost silently", async () => {
  const store = await freshStore();
  for (let run = 0; run < 30; run++) {
    const id = `race-${run}`;
    const tabs = [createRepository(store), createRepository(store)] as const;
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
  const store = await freshStore();
  const [mine, theirs] = [createRepository(store), createRepository(store)];
  await mine.save("kit", demoKit, 0);
  const read = await theirs.read("kit");
  expect(read.revision).toBe(1);
  await mine.save("kit", { ...demoKit, cards: [] }, 1);
  // Whatever else the page has read meanwhile: a save follows the revision that it was made from.
  expect(await theirs.read("kit")).toMatchObject({ value: { cards: [] }, revision: 2 });
  expect(await theirs.save("kit", demoKit, read.revision)).toMatchObject({ ok: false, reason: "overtaken" });
  expect(await theirs.save("kit", demoKit, 2)).toMatchObject({ ok: true });
  const { revision } = await mine.read("preferences");
  expect(revision).toBe(0);
  await theirs.save("preferences", { ...DEFAULT_PREFERENCES, theme: "hide" }, 0);
  expect(await mine.save("preferences", DEFAULT_PREFERENCES, revision)).toMatchObject({
    reason: "overtaken",
  });
});

test("what was removed could not be brought back", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  await repository.saveOuting(outing);
  expect(await repository.removeOuting(outing.id)).toEqual({ ok: true, value: true });
  expect(await repository.readOuting(outing.id)).toMatchObject({ reason: "missing" });
  expect((await repository.listOutings()).outings).toEqual([]);
  expect(await repository.saveOuting({ ...outing, revision: 1 })).toMatchObject({ reason: "overtaken" });
  expect(await repository.outingAt(outing.id, 1)).toMatchObject({ value: { name: outing.name } });
  expect(await repository.saveOuting({ ...outing, revision: 0 })).toMatchObject({ value: { revision: 3 } });
});

test("an import was kept in part when a part of it could not be", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  await repository.saveOuting(outing);
  await repository.read("kit");
  const overtaken = { ...demoOutings[1]!, revision: 7 };
  const result = await repository.saveTogether({
    kit: demoKit,
    outings: [{ ...outing, revision: 1, name: "New" }, overtaken],
  });
  expect(result).toMatchObject({ ok: false, reason: "overtaken" });
  expect(await repository.read("kit")).toMatchObject({ reason: "missing" });
  expect(await repository.readOuting(outing.id)).toMatchObject({ value: { name: outing.name } });
  const many = Array.from({ length: 60 }, (_, i) => ({ ...outing, id: `outing-${i}`, revision: 0 }));
  expect(await repository.saveTogether({ kit: demoKit, outings: many })).toMatchObject({ ok: true });
  expect((await repository.listOutings()).outings).toHaveLength(61);
});

test("what the schema would not read again was kept: every record is refused with place and cause", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  const position = outing.ground.positions[0]!;
  const positions = Array.from({ length: 61 }, (_, i) => ({ ...position, id: i > 2 ? `p-${i}` : "abc"[i]! }));
  expect(await repository.saveOuting({ ...outing, ground: { ...outing.ground, positions } })).toMatchObject({
    ok: false,
    reason: "refused",
    faults: [{ path: "ground.positions" }],
  });
  const bodies = Array.from({ length: 51 }, (_, i) => ({ ...demoKit.bodies[0]!, id: `b-${i}` }));
  expect(await repository.save("kit", { ...demoKit, bodies }, 0)).toMatchObject({ reason: "refused" });
  const walkingPace = NaN;
  expect(await repository.save("preferences", { ...DEFAULT_PREFERENCES, walkingPace }, 0)).toMatchObject({
    reason: "refused",
    faults: [{ path: "walkingPace" }],
  });
  expect(await repository.listOutings()).toEqual({ outings: [], unreadable: [] });
  expect(await repository.read("kit")).toMatchObject({ reason: "missing" });
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
  const store = await freshStore();
  const repository = createRepository(store);
  for (let revision = 0; revision < 105; revision++)
    await repository.saveOuting({ ...outing, revision }, { change: `change ${revision}`, undoTo: revision });
  const states = await repository.statesOfOuting(outing.id);
  expect(states).toHaveLength(100);
  expect(states[0]).toMatchObject({ revision: 105, change: "change 104", undoTo: 104, removed: false });
  expect(await repository.outingAt(outing.id, 3)).toMatchObject({ reason: "missing" });
});

test("a connection that the browser had closed refused every write until the page was loaded anew", async () => {
  const name = "closed";
  const connections: IDBDatabase[] = [];
  const open = indexedDB.open.bind(indexedDB);
  jest.spyOn(indexedDB, "open").mockImplementation((...asked) => {
    const request = open(...asked);
    request.addEventListener("success", () => connections.push(request.result));
    return request;
  });
  const store = await freshStore(name);
  const put = (text: string) => store.write([{ key: "bp/outing/x", follows: 0, text }]);
  expect(await put('"before"')).toEqual({ ok: true });
  // Whoever clears the site closes every connection and leaves nothing.
  connections.forEach((connection) =>
    forceCloseDatabase(connection as unknown as Parameters<typeof forceCloseDatabase>[0]),
  );
  await deleteDB(name);
  expect(await put('"after"')).toEqual({ ok: true });
  expect(await store.standing("bp/outing/x")).toMatchObject({ revision: 1, text: '"after"' });
});

test("what is written is found through AsyncStorage, each of it as JSON", async () => {
  const name = "shared";
  const repository = createRepository(await freshStore(name));
  await repository.saveOuting(outing);
  await repository.save("kit", demoKit, 0);
  await repository.removeOuting(outing.id);
  const storage = createAsyncStorage(name);
  const keys = await storage.getAllKeys();
  expect(keys.toSorted()).toEqual([
    "bp/kit",
    `bp/outing/${outing.id}`,
    "state/bp/kit/1",
    `state/bp/outing/${outing.id}/1`,
    `state/bp/outing/${outing.id}/2`,
    "states/bp/kit",
    `states/bp/outing/${outing.id}`,
  ]);
  const values = Object.values(await storage.getMany(keys)).map((text) => JSON.parse(text!) as unknown);
  expect(values).toHaveLength(keys.length);
  expect(JSON.parse((await storage.getItem("bp/kit"))!)).toEqual({ revision: 1, record: demoKit });
  expect(JSON.parse((await storage.getItem(`bp/outing/${outing.id}`))!)).toEqual({
    revision: 2,
    record: null,
  });
});

test("an entry that was not written by this program is a record that cannot be read, with its text", async () => {
  const name = "foreign";
  const store = await freshStore(name);
  await createAsyncStorage(name).setItem("bp/outing/odd", "{not ours");
  const repository = createRepository(store);
  expect((await repository.listOutings()).unreadable).toMatchObject([{ id: "odd", raw: "{not ours" }]);
  expect(await repository.saveOuting({ ...outing, id: "odd" })).toMatchObject({ reason: "overtaken" });
  expect(await repository.replaceUnreadable({ ...outing, id: "odd" })).toMatchObject({ ok: true });
});

test("what is written anew is so in the record, in every state of it and in what was noted, deleted ones too, and nothing else is touched", async () => {
  const store = await freshStore();
  const repository = createRepository(store);
  const named = { ...outing, notes: "Ida Roth" };
  await repository.saveOuting(named);
  await repository.saveOuting(
    { ...outing, revision: 1, notes: "nobody" },
    { change: '[{"name":"Ida Roth"}]' },
  );
  await repository.saveOuting({ ...named, id: "gone" });
  await repository.removeOuting("gone");
  await repository.saveOuting({ ...outing, id: "other" });
  const before = await store.standing("bp/outing/other");
  const written = await rewriteAll(store, OUTING_PREFIX, (text) => text.replaceAll("Ida Roth", "somebody"));
  expect(written.count).toBe(2);
  expect(written.keys).toContain("bp/outing/gone");
  expect(await repository.outingAt(outing.id, 1)).toMatchObject({ value: { notes: "somebody" } });
  expect((await repository.statesOfOuting(outing.id))[0]).toMatchObject({ change: '[{"name":"somebody"}]' });
  expect(await repository.deletedOutings()).toMatchObject([{ outing: { notes: "somebody" } }]);
  expect(await store.standing("bp/outing/other")).toEqual(before);
});
