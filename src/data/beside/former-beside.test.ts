import "fake-indexeddb/auto";
import { openDB } from "idb";
import { freshStore, refusing } from "../store/for-tests";
import { FORMER_PICTURES, FORMER_TAGS } from "../store/former";
import type { Tag } from "../schema/tag";
import { besideOf } from ".";
import { openBytes } from "./bytes";
import { moveInBeside } from "./move-in-beside";

const tag = (n: number): Tag => ({ id: `t-${n}`, at: n, kind: "word", names: [], words: `word ${n}` });
const sound = (text: string): Blob => new Blob([text], { type: "audio/webm" });
const picture = (name: string) => ({
  outingId: "one",
  name,
  file: new Blob([name], { type: "image/png" }),
  width: 4,
  height: 2,
  lie: { at: { x: 0, y: 0 }, bearing: 8, metresPerPx: 0.1, shows: 0.6 },
});

/** What the last version kept, or the one before it, which had no lists of what was deleted. */
async function layFormer(version: 1 | 2): Promise<void> {
  const tags = await openDB(FORMER_TAGS, version, {
    upgrade(made) {
      made.createObjectStore("chunks", { keyPath: ["outingId", "number"] });
      made.createObjectStore("voices", { keyPath: ["outingId", "tagId"] });
      if (version > 1) made.createObjectStore("removed", { keyPath: ["outingId", "tagId"] });
    },
  });
  await tags.put("chunks", { outingId: "one", number: 0, tags: [tag(1), tag(2)] });
  await tags.put("chunks", { outingId: "one", number: 1, tags: [tag(3), { id: "?" }] });
  await tags.put("chunks", { outingId: "two", number: 0, tags: [tag(4)] });
  await tags.put("voices", { outingId: "one", tagId: "t-2", sound: sound("hum") });
  if (version > 1)
    await tags.put("removed", {
      outingId: "one",
      tagId: "t-9",
      tag: tag(9),
      sound: sound("gone"),
      removedAt: 7,
    });
  tags.close();
  const pictures = await openDB(FORMER_PICTURES, version, {
    upgrade(made) {
      made.createObjectStore("pictures", { keyPath: "outingId" });
      if (version > 1) made.createObjectStore("removed", { keyPath: "outingId" });
    },
  });
  await pictures.put("pictures", picture("plan.png"));
  if (version > 1) await pictures.put("removed", { ...picture("before.png"), removedAt: 5 });
  pictures.close();
}

const fresh = async () => {
  const [store, bytes] = [await freshStore(), openBytes(true)];
  await bytes.clear();
  return { store, bytes, beside: besideOf(store, bytes) };
};
type Fresh = Awaited<ReturnType<typeof fresh>>;

const whole = async ({ beside: { tags, pictures } }: Fresh) => ({
  one: (await tags.of("one")).map((t) => t.words),
  two: (await tags.of("two")).map((t) => t.words),
  hum: await (await tags.soundOf("one", "t-2"))?.text(),
  removed: await Promise.all(
    (await tags.removedOf("one")).map(async (r) => [r.tag.words, r.removedAt, await r.sound?.text()]),
  ),
  picture: await (await pictures.of("one"))?.file.text(),
  before: (await pictures.removedOf("one"))?.name,
});
const FORMER = {
  one: ["word 1", "word 2", "word 3"],
  two: ["word 4"],
  hum: "hum",
  removed: [["word 9", 7, "gone"]],
  picture: "plan.png",
  before: "before.png",
};
const left = async (): Promise<(string | undefined)[]> =>
  (await indexedDB.databases()).map((db) => db.name).filter((name) => /-(tags|pictures)$/.test(name!));
/** Wholes of bytes that are kept. */
const heads = async (): Promise<number> => {
  const db = await openDB("bright-perch-bytes");
  const count = await db.count("heads");
  db.close();
  return count;
};

test.each([1, 2] as const)(
  "what lay in databases of its own, version %d, comes among the entries and the bytes",
  async (version) => {
    await layFormer(version);
    const now = await fresh();
    expect(await moveInBeside(now.store.entries, now.bytes, true)).toBe(true);
    expect(await whole(now)).toEqual(version === 2 ? FORMER : { ...FORMER, removed: [], before: undefined });
    // A tag that nobody can read stays beside the others.
    expect(await now.store.entries.get("tags/one/000000")).toContain('{"id":"?"}');
    expect(await left()).toEqual([]);
    expect(await moveInBeside(now.store.entries, now.bytes, true)).toBe(true);
  },
);

test.each(["QuotaExceededError", "UnknownError"])(
  "cut off at any operation by %s, the next start goes on and nothing is lost, doubled or left",
  async (error) => {
    for (let nth = 1; nth < 400; nth++) {
      await layFormer(2);
      const now = await fresh();
      const calls = await refusing(
        (n) => (n >= nth ? error : undefined),
        () => moveInBeside(now.store.entries, now.bytes, true).catch(() => false),
      );
      expect(await moveInBeside(now.store.entries, now.bytes, true)).toBe(true);
      expect(await whole(now)).toEqual(FORMER);
      expect(await left()).toEqual([]);
      // What was begun and could not be taken away again either is swept.
      const names = [...(await now.beside.tags.named()), ...(await now.beside.pictures.named())];
      await now.bytes.sweep(new Set(names.map((n) => n.bytes)), Infinity);
      expect([names.length, await heads()]).toEqual([4, 4]);
      if (calls < nth) return;
    }
    throw new Error("more operations than expected");
  },
  60_000,
);

test("in a browser whose records last as long as the page what was kept stays where it is, and is shown", async () => {
  await layFormer(2);
  const now = await fresh();
  expect(await moveInBeside(now.store.entries, now.bytes, false)).toBe(true);
  expect(await whole(now)).toEqual(FORMER);
  expect(await left()).toHaveLength(2);
});
