import { openBytes } from "./beside/bytes";
import { moveInBeside } from "./beside/move-in-beside";
import { moveIn } from "./store/move-in";
import type { Store } from "./store/store";

/** Moves all that the last version kept into the store and the bytes beside it; false where some of it found no room and stays. */
export async function moveFormer(store: Store, storage: Storage, isForGood: boolean): Promise<boolean> {
  const left = await moveIn(store, storage, { isForGood });
  const isWhole = await moveInBeside(store.entries, openBytes(isForGood), isForGood);
  return left.length === 0 && isWhole;
}
