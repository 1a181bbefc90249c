import "fake-indexeddb/auto";
import { openDB } from "idb";
import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY, EMPTY_PLACES, EMPTY_PRACTICE, tagSchema, type Tag } from "..";
import { jsonFile, readFile, everythingInFile, outingInFile } from "../files";
import { freshStore } from "../store/for-tests";
import type { Store } from "../store/store";
import { openBeside, type Beside } from ".";
import { done } from "./along";
import { CHUNK, type BroughtTag, type Tags } from "./tags";

let store: Store;
let beside: Beside;
let tags: Tags;
beforeEach(async () => {
  store = await freshStore();
  beside = openBeside(store, true);
  await beside.clearBytes();
  ({ tags } = beside);
});

const bring = async (brought: readonly BroughtTag[]): Promise<void> =>
  done(store.entries, await tags.bringing(brought));
const START = Date.UTC(2026, 10, 14, 10);
const tag = (n: number, more: Partial<Tag> = {}): Tag => ({
  id: `t-${n}`,
  at: START + n * 1000,
  kind: "lane",
  names: [],
  words: String(1 + (n % 8)),
  ...more,
});
const chunksOf = async (outingId: string): Promise<Tag[][]> =>
  (await store.entries.list(`tags/${outingId}/`)).map(([, text]) => JSON.parse(text) as Tag[]);
/** How many wholes of bytes there are, named or not. */
const wholes = async (): Promise<number> => {
  const db = await openDB("bright-perch-bytes");
  const count = await db.count("heads");
  db.close();
  return count;
};
const refuse = (error: Error): (() => void) => {
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = () => {
    throw error;
  };
  return () => {
    IDBObjectStore.prototype.put = put;
  };
};

test("five thousand tags are five thousand small writes: each into a chunk of at most a hundred, none lost", async () => {
  const sizes: number[] = [];
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, value: string, ...key) {
    sizes.push((JSON.parse(value) as Tag[]).length);
    return put.call(this, value, ...key);
  };
  for (let n = 0; n < 5000; n++) expect(await tags.add("many", tag(n))).toEqual({ ok: true });
  IDBObjectStore.prototype.put = put;
  expect(sizes).toHaveLength(5000);
  expect(Math.max(...sizes)).toBe(CHUNK);
  const kept = await tags.of("many");
  expect(kept.map((t) => t.id)).toEqual(Array.from({ length: 5000 }, (_, n) => `t-${n}`));
  expect(kept.every((t) => tagSchema.safeParse(t).success)).toBe(true);
  expect(await chunksOf("many")).toHaveLength(5000 / CHUNK);
}, 60_000);

test("two tabs that tag at once both keep theirs", async () => {
  await Promise.all(Array.from({ length: 40 }, (_, n) => tags.add("tabs", tag(n))));
  expect(await tags.of("tabs")).toHaveLength(40);
});

test("a tag is changed and taken away within its chunk alone, with what was spoken", async () => {
  for (let n = 0; n < 150; n++) await tags.add("one", tag(n));
  await tags.add("one", tag(150, { kind: "voice", seconds: 3 }), new Blob(["sound"]));
  expect(await (await tags.soundOf("one", "t-150"))!.text()).toBe("sound");
  const before = await chunksOf("one");
  await tags.change("one", tag(7, { words: "seven" }));
  expect((await tags.of("one"))[7]).toMatchObject({ id: "t-7", words: "seven" });
  expect((await chunksOf("one"))[1]).toEqual(before[1]);
  await tags.remove("one", "t-150", 0);
  expect(await tags.soundOf("one", "t-150")).toBeUndefined();
  expect(await tags.of("one")).toHaveLength(150);
  expect(await tags.of("another")).toEqual([]);
});

test("without room nothing is half written, and it is said", async () => {
  await tags.add("full", tag(1));
  const back = refuse(new DOMException("no more", "QuotaExceededError"));
  expect(await tags.add("full", tag(2, { kind: "voice" }), new Blob(["x"]))).toEqual({
    ok: false,
    reason: "storage-full",
  });
  back();
  expect((await tags.of("full")).map((t) => t.id)).toEqual(["t-1"]);
  expect(await tags.soundOf("full", "t-2")).toBeUndefined();
  const other = refuse(new Error("broken"));
  expect(await tags.add("full", tag(2))).toEqual({ ok: false, reason: "storage-failed" });
  other();
  expect(await tags.add("full", tag(2))).toEqual({ ok: true });
});

test("a tag whose sound was refused was kept without it: both or neither, and no bytes are left", async () => {
  let refused = "";
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args) {
    if (this.name === refused) throw new Error("no sound");
    return put.apply(this, args);
  };
  for (refused of ["pieces", "heads", "entries"]) {
    expect(await tags.add("both", tag(1, { kind: "voice" }), new Blob(["x"]))).toEqual({
      ok: false,
      reason: "storage-failed",
    });
    expect([await tags.of("both"), await wholes()]).toEqual([[], 0]);
  }
  IDBObjectStore.prototype.put = put;
});

test("what is kept and cannot be read stays where it is and is not among the tags", async () => {
  const lay = (number: number, text: string) =>
    store.entries.change((tx) => tx.put(`tags/odd/00000${number}`, text));
  await lay(0, JSON.stringify([tag(1), { id: "?" }]));
  expect((await tags.of("odd")).map((t) => t.id)).toEqual(["t-1"]);
  await tags.add("odd", tag(2));
  expect((await chunksOf("odd"))[0]).toHaveLength(3);
  await lay(1, "[{damaged");
  expect(await tags.add("odd", tag(3))).toEqual({ ok: true });
  expect((await tags.of("odd")).map((t) => t.id)).toEqual(["t-1", "t-2", "t-3"]);
  expect(await store.entries.get("tags/odd/000001")).toBe("[{damaged");
});

test("tags and what was spoken go along in an outing's file and in the file of everything, and come back once", async () => {
  await tags.add("walk", tag(1, { names: ["Ida Roth"] }));
  await tags.add("walk", tag(2, { kind: "voice", seconds: 2 }), new Blob(["hum"], { type: "audio/webm" }));
  const tagged = await beside.carriedTags("walk");
  expect(tagged?.sounds).toMatchObject([{ tagId: "t-2", type: "audio/webm" }]);
  expect(await beside.carriedTags("none")).toBeUndefined();
  const outing = demoOutings[0]!;
  const all = { kit: demoKit, preferences: DEFAULT_PREFERENCES };
  const one = await readFile(await jsonFile(outingInFile({ ...all, outing, tagged })));
  const every = await readFile(
    await jsonFile(
      everythingInFile({
        ...all,
        outings: [outing],
        library: EMPTY_LIBRARY,
        places: EMPTY_PLACES,
        practice: EMPTY_PRACTICE,
        tagged: { [outing.id]: tagged! },
      }),
    ),
  );
  for (const read of [one, every]) {
    const found = read.ok ? read.value.outings[0]!.tagged! : undefined;
    expect(found?.tags).toEqual(tagged!.tags);
    expect(await found!.sounds[0]!.file.text()).toBe("hum");
    expect(found!.sounds[0]!.file.type).toBe("audio/webm");
  }
  const brought = await beside.tagsToBring([{ outingId: "there", tagged: tagged! }]);
  await bring(brought);
  expect(await beside.tagsToBring([{ outingId: "there", tagged: tagged! }])).toEqual([]);
  expect(await tags.of("there")).toEqual(tagged!.tags);
  expect(await (await tags.soundOf("there", "t-2"))!.text()).toBe("hum");
  await done(store.entries, tags.takingAway(brought));
  expect([await tags.of("there"), await tags.soundOf("there", "t-2")]).toEqual([[], undefined]);
  const broken = { ...tagged!, tags: [...tagged!.tags, { ...tag(3), id: "?" }] };
  const file = await jsonFile(outingInFile({ ...all, outing, tagged: broken }));
  expect(await readFile(file)).toMatchObject({ ok: false, reason: "faults" });
});

test("words put on a tag that was deleted elsewhere were told as kept and were gone: the tag comes back with them", async () => {
  await tags.add("one", tag(1));
  await tags.add("one", tag(2));
  await tags.remove("one", tag(1).id, 0);
  expect(await tags.change("one", tag(1, { words: "the winner" }))).toEqual({ ok: true });
  expect((await tags.of("one")).map((t) => [t.id, t.words])).toEqual([
    [tag(1).id, "the winner"],
    [tag(2).id, tag(2).words],
  ]);
});

test("tags of a file came in by half where the room ended: all of them or none", async () => {
  await tags.add("one", tag(1));
  const tagged = { tags: Array.from({ length: 250 }, (_, i) => tag(i + 1)), sounds: [] };
  const brought = await beside.tagsToBring([{ outingId: "one", tagged }]);
  expect(brought).toHaveLength(249);
  let puts = 0;
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
    if (++puts > 120) throw new DOMException("full", "QuotaExceededError");
    return put.apply(this, args);
  };
  await expect(bring(brought)).rejects.toMatchObject({ name: "QuotaExceededError" });
  IDBObjectStore.prototype.put = put;
  expect(await tags.of("one")).toHaveLength(1);
  await bring(brought);
  expect(await tags.of("one")).toHaveLength(250);
});

test("a deleted tag was gone once its message was: it comes back with what was spoken, once, and is swept in time", async () => {
  await tags.add("one", tag(1), new Blob(["hum"]));
  await tags.add("one", tag(2));
  await tags.remove("one", tag(1).id, 1000);
  await tags.remove("one", tag(2).id, 2000);
  await tags.remove("one", "nobody", 3000);
  expect((await tags.removedOf("one")).map((r) => [r.tag.id, r.removedAt])).toEqual([
    [tag(2).id, 2000],
    [tag(1).id, 1000],
  ]);
  expect(await tags.soundOf("one", tag(1).id)).toBeUndefined();
  expect(await tags.bringBack("one", tag(1).id)).toBe(true);
  expect(await (await tags.soundOf("one", tag(1).id))!.text()).toBe("hum");
  expect(await tags.bringBack("one", tag(1).id)).toBe(false);
  expect((await tags.of("one")).map((t) => t.id)).toEqual([tag(1).id]);
  await tags.sweep(2000);
  expect(await tags.removedOf("one")).toHaveLength(1);
  await tags.sweep(2001);
  expect(await tags.removedOf("one")).toEqual([]);
  await tags.remove("one", tag(1).id, 1);
  await tags.forget("one");
  expect([await tags.of("one"), await tags.removedOf("one")]).toEqual([[], []]);
});

test("where the disk is full a tag could not be deleted, which would have made room: it goes without being kept", async () => {
  await tags.add("one", tag(1), new Blob(["hum"]));
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args: Parameters<typeof put>) {
    if (args[1] === "tags-removed/one/t-1")
      throw new DOMException("the quota has been exceeded", "QuotaExceededError");
    return put.apply(this, args);
  };
  try {
    expect(await tags.remove("one", tag(1).id, 1)).toEqual({ ok: true });
  } finally {
    IDBObjectStore.prototype.put = put;
  }
  expect([await tags.of("one"), await tags.soundOf("one", tag(1).id), await tags.removedOf("one")]).toEqual([
    [],
    undefined,
    [],
  ]);
});

test("tags are written anew everywhere, and whatever changed loses what was spoken; others keep all of theirs", async () => {
  const sound = new Blob(["spoken"], { type: "audio/webm" });
  const voice = (n: number, names: string[]): Tag => tag(n, { kind: "voice", names });
  await tags.add("meet", voice(1, ["Ida Roth"]), sound);
  await tags.add("meet", voice(2, ["Mia Falk", "Ida Roth"]), sound);
  await tags.add("meet", voice(3, ["Mia Falk"]), sound);
  await tags.add("other meet", voice(4, ["Ida Roth"]), sound);
  await tags.remove("other meet", "t-4", START);
  const without = (one: Tag): Tag | undefined => {
    const names = one.names.filter((name) => name !== "Ida Roth");
    return names.length === one.names.length ? one : names.length === 0 ? undefined : { ...one, names };
  };
  expect(await tags.rewrite(without)).toEqual({ ok: true, tags: 3, sounds: 3 });
  expect((await tags.of("meet")).map((t) => t.names)).toEqual([["Mia Falk"], ["Mia Falk"]]);
  expect(await tags.soundOf("meet", "t-2")).toBeUndefined();
  expect(await tags.soundOf("meet", "t-3")).toBeDefined();
  expect(await tags.removedOf("other meet")).toEqual([]);
  expect(await tags.rewrite(without)).toEqual({ ok: true, tags: 0, sounds: 0 });
});
