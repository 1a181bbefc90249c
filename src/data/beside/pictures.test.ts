import "fake-indexeddb/auto";
import { openDB } from "idb";
import { freshStore } from "../store/for-tests";
import { openBeside, type Beside } from ".";
import type { Pictures, TracedPicture } from "./pictures";

let beside: Beside;
let pictures: Pictures;
beforeEach(async () => {
  beside = openBeside(await freshStore(), true);
  await beside.clearBytes();
  ({ pictures } = beside);
});

const picture = (outingId: string, name: string): TracedPicture => ({
  outingId,
  name,
  file: new Blob([name], { type: "image/png" }),
  width: 400,
  height: 200,
  lie: { at: { x: 0, y: 0 }, bearing: 8, metresPerPx: 0.1, shows: 0.6 },
});
const DAY = 86_400_000;

test("a picture that was taken away comes back until it is swept, bytes too", async () => {
  await pictures.keep(picture("one", "plan.png"));
  expect(await pictures.of("one")).toMatchObject({ name: "plan.png" });
  await pictures.remove("one", 5 * DAY);
  expect(await pictures.of("one")).toBeUndefined();
  expect(await pictures.removedOf("one")).toMatchObject({ name: "plan.png", removedAt: 5 * DAY });
  await pictures.sweep(5 * DAY);
  expect(await pictures.bringBack("one", 6 * DAY)).toEqual(picture("one", "plan.png"));
  expect(await pictures.removedOf("one")).toBeUndefined();
  await pictures.remove("one", 5 * DAY);
  await pictures.sweep(6 * DAY);
  expect(await pictures.bringBack("one", 7 * DAY)).toBeUndefined();
});

test("one that gave way to another comes back, and the other can be brought back in its turn", async () => {
  await pictures.keep(picture("two", "first.png"));
  await pictures.remove("two", DAY);
  await pictures.keep(picture("two", "second.png"));
  expect(await pictures.bringBack("two", 2 * DAY)).toMatchObject({ name: "first.png" });
  expect(await pictures.removedOf("two")).toMatchObject({ name: "second.png" });
  await pictures.forget("two");
  expect([await pictures.of("two"), await pictures.removedOf("two")]).toEqual([undefined, undefined]);
});

test("on its way to somebody else it is written anew, under a name that tells nothing; a backup has it as it is", async () => {
  await pictures.keep({ ...picture("three", "gate code 4711.png"), carried: true });
  const anew = async (): Promise<Blob> => new Blob(["anew"], { type: "image/jpeg" });
  const carried = await beside.carriedPicture("three", anew);
  expect(carried).toMatchObject({ name: "traced.jpeg", type: "image/jpeg" });
  expect(await carried!.file.text()).toBe("anew");
  const kept = await beside.keptPicture("three");
  expect(kept).toMatchObject({ name: "gate code 4711.png" });
  expect(await kept!.file.text()).toBe("gate code 4711.png");
  await pictures.keep(picture("three", "stays.png"));
  expect(await beside.carriedPicture("three", anew)).toBeUndefined();
});

test("laying a picture otherwise writes none of its bytes; what nothing names any more goes", async () => {
  const written: string[] = [];
  const { put } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args) {
    written.push(this.name);
    return put.apply(this, args);
  };
  try {
    await pictures.keep(picture("four", "plan.png"));
    const kept = (await pictures.of("four"))!;
    written.length = 0;
    await pictures.keep({ ...kept, lie: { ...kept.lie, bearing: 90 } });
    expect(written).toEqual(["entries"]);
  } finally {
    IDBObjectStore.prototype.put = put;
  }
  expect(await pictures.of("four")).toMatchObject({ lie: { bearing: 90 } });
  await pictures.keep(picture("four", "another.png"));
  expect(await (await pictures.of("four"))!.file.text()).toBe("another.png");
  const db = await openDB("bright-perch-bytes");
  expect([await db.count("heads"), await db.count("pieces")]).toEqual([1, 1]);
  db.close();
});

test("where the browser is full what was deleted gives way, tags with what was spoken and pictures, and nothing else", async () => {
  const { tags } = beside;
  const tag = { id: "t-1", at: 1, kind: "voice" as const, names: [] };
  await tags.add("one", tag, new Blob(["hum"]));
  await tags.add("one", { ...tag, id: "t-2" }, new Blob(["hum"]));
  await tags.remove("one", "t-1", DAY);
  await pictures.keep(picture("one", "gone.png"));
  await pictures.remove("one", DAY);
  await pictures.keep(picture("two", "stays.png"));
  const db = await openDB("bright-perch-bytes");
  const { put, delete: take } = IDBObjectStore.prototype;
  let pieces = await db.count("pieces");
  const most = pieces;
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...args) {
    if (this.name === "pieces" && pieces++ >= most)
      throw new DOMException("the quota has been exceeded", "QuotaExceededError");
    return put.apply(this, args);
  };
  IDBObjectStore.prototype.delete = function (this: IDBObjectStore, key) {
    if (this.name === "pieces") pieces--;
    return take.call(this, key);
  };
  try {
    await pictures.keep(picture("three", "new.png"));
  } finally {
    Object.assign(IDBObjectStore.prototype, { put, delete: take });
  }
  expect([await tags.removedOf("one"), await pictures.removedOf("one")]).toEqual([[], undefined]);
  expect(await (await tags.soundOf("one", "t-2"))!.text()).toBe("hum");
  expect(await (await pictures.of("two"))!.file.text()).toBe("stays.png");
  expect(await (await pictures.of("three"))!.file.text()).toBe("new.png");
  expect(await db.count("pieces")).toBe(3);
  db.close();
});
