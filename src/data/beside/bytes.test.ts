import "fake-indexeddb/auto";
import { openDB } from "idb";
import { refusing } from "../store/for-tests";
import { openBytes, PIECE } from "./bytes";

const bytes = openBytes(true);
/** Bytes that differ from piece to piece. */
const blob = (size: number): Blob =>
  new Blob([Uint8Array.from({ length: size }, (_, i) => (i * 7 + Math.floor(i / PIECE)) % 251)], {
    type: "image/png",
  });
const read = async (found: Blob | undefined): Promise<number[] | undefined> =>
  found && [...new Uint8Array(await found.arrayBuffer())];
const counts = async (): Promise<number[]> => {
  const db = await openDB("bright-perch-bytes");
  const found = [await db.count("heads"), await db.count("pieces")];
  db.close();
  return found;
};
beforeEach(() => bytes.clear());

test.each([0, 1, PIECE - 1, PIECE, PIECE + 1, 3 * PIECE + 5])(
  "%d bytes come back as they were, in pieces",
  async (size) => {
    const ref = await bytes.keep(blob(size));
    expect(ref).toMatchObject({ type: "image/png", size });
    const found = await bytes.of(ref);
    expect(found?.type).toBe("image/png");
    expect(await read(found)).toEqual(await read(blob(size)));
    expect(await counts()).toEqual([1, Math.ceil(size / PIECE)]);
  },
);

test("each operation of the database failing, nothing is kept by half", async () => {
  const of = blob(2 * PIECE + 1);
  for (let nth = 1; ; nth++) {
    let isKept = true;
    const calls = await refusing(
      (n) => (n === nth ? "UnknownError" : undefined),
      () => bytes.keep(of).catch(() => (isKept = false)),
    );
    expect(isKept).toBe(calls < nth);
    if (isKept) return;
    expect(await counts()).toEqual([0, 0]);
  }
});

test("what is read back otherwise than it was written is not kept", async () => {
  const { get } = IDBObjectStore.prototype;
  IDBObjectStore.prototype.get = function (this: IDBObjectStore, key) {
    return get.call(this, this.name === "pieces" ? [(key as [string, number])[0], 0] : key);
  };
  try {
    await expect(bytes.keep(blob(PIECE + 10))).rejects.toThrow("differs");
  } finally {
    IDBObjectStore.prototype.get = get;
  }
  expect(await counts()).toEqual([0, 0]);
});

test("bytes that lack a piece are none", async () => {
  const ref = await bytes.keep(blob(PIECE + 10));
  const db = await openDB("bright-perch-bytes");
  await db.delete("pieces", [ref.bytes, 1]);
  db.close();
  expect(await bytes.of(ref)).toBeUndefined();
});

test("what the browser says has no room is refused before anything is written", async () => {
  const storage = { estimate: async () => ({ usage: 900, quota: 1000 }) };
  Object.defineProperty(globalThis, "navigator", { value: { storage }, configurable: true });
  try {
    await expect(bytes.keep(blob(200))).rejects.toMatchObject({ name: "QuotaExceededError" });
    await bytes.keep(blob(50));
  } finally {
    delete (globalThis as { navigator?: unknown }).navigator;
  }
  expect(await counts()).toEqual([1, 1]);
});

test("what nothing names is swept, but not before its time", async () => {
  const [named, unnamed] = [await bytes.keep(blob(10)), await bytes.keep(blob(20))];
  const names = new Set([named.bytes]);
  expect(await bytes.sweep(names, Date.now() - 1000)).toBe(0);
  expect(await bytes.sweep(names, Date.now() + 1000)).toBe(1);
  expect([(await bytes.of(named))?.size, await bytes.of(unnamed)]).toEqual([10, undefined]);
});

test("where the browser has no database they last as long as the page, for whoever asks", async () => {
  const ref = await openBytes(false).keep(blob(PIECE + 3));
  expect((await openBytes(false).of(ref))?.size).toBe(PIECE + 3);
  expect(await bytes.of(ref)).toBeUndefined();
  await openBytes(false).forget([ref]);
  expect(await openBytes(false).of(ref)).toBeUndefined();
});
