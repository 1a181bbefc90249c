import "fake-indexeddb/auto";
import { openDB } from "idb";
import { tags } from "./tags";

test("tags and notes of a browser that had no list of deleted ones stay, and can be deleted and brought back", async () => {
  const before = await openDB("bright-perch-tags", 1, {
    upgrade(made) {
      made.createObjectStore("chunks", { keyPath: ["outingId", "number"] });
      made.createObjectStore("voices", { keyPath: ["outingId", "tagId"] });
    },
  });
  const tag = { id: "t-1", at: 1, kind: "word" as const, names: [], words: "first" };
  await before.put("chunks", { outingId: "one", number: 0, tags: [tag] });
  await before.put("voices", { outingId: "one", tagId: "t-1", sound: new Blob(["hum"]) });
  before.close();
  expect(await tags.of("one")).toEqual([tag]);
  expect(await tags.remove("one", "t-1", 5)).toEqual({ ok: true });
  expect(await tags.bringBack("one", "t-1")).toBe(true);
  expect(await tags.of("one")).toEqual([tag]);
  expect(await tags.soundOf("one", "t-1")).toBeDefined();
});
