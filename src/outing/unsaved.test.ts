import { demoOutings } from "../../demo";
import type { Outing } from "@/data";
import { recallUnsaved, rememberUnsaved } from "./unsaved";

const stored = demoOutings[0]!;

/** A tab's memory. */
function memory(): Storage {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, text: string) => void kept.set(key, text),
    removeItem: (key: string) => void kept.delete(key),
  } as unknown as Storage;
}

test("a change that had no name of its own was dropped as nothing: whatever differs is recalled", () => {
  const lamps = [{ id: "file", name: "Lamp", text: "IESNA:LM-63-2002" }];
  for (const left of [
    { ...stored, ground: { ...stored.ground, lampFiles: lamps } },
    { ...stored, shotId: stored.shots[1]!.id },
    { ...stored, notes: "mind the gate" },
  ] satisfies Outing[]) {
    const storage = memory();
    rememberUnsaved(storage, left);
    expect(recallUnsaved(storage, stored)).toEqual(left);
  }
});

test("what was kept after all is forgotten, whatever its revision", () => {
  const storage = memory();
  rememberUnsaved(storage, { ...stored, revision: stored.revision + 3 });
  expect(recallUnsaved(storage, stored)).toBeUndefined();
  expect(storage.getItem(`bp/unsaved/${stored.id}`)).toBeNull();
});
