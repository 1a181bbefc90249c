import type { Library } from "@/data";
import { changesBetween } from "@/outing/changes";
import { carriedInto } from "@/outing/library/carried";
import { openRepository } from "./open-repository";

/** Tries after which an outing that is written at the same time elsewhere is left: it then offers the new entry itself. */
const TRIES = 3;

/** Takes a change of the library into the outings that are stored, each as one step of its own that can be taken back. */
export async function carryLibrary(before: Library, after: Library): Promise<void> {
  const repository = await openRepository();
  const { outings } = await repository.listOutings();
  for (const { id } of outings) {
    for (let tries = 0; tries < TRIES; tries++) {
      const read = await repository.readOuting(id);
      if (!read.ok) break;
      const next = carriedInto(read.value, before, after, Date.now());
      if (next === read.value) break;
      const change = JSON.stringify(changesBetween(read.value, next));
      const saved = await repository.saveOuting(next, { change, undoTo: read.value.revision });
      if (saved.ok || saved.reason !== "overtaken") break;
    }
  }
}
