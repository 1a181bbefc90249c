import { entryOf, standingOf, statesIn, statesKey, textKey } from "./entries";
import type { Store } from "./store";

/**
 * Writes every record whose key begins so anew, removed ones too, with all its states; their keys, and how many texts became others.
 * Rejects where the store refuses: what was written until then is. There is no way back.
 */
export async function rewriteAll(
  store: Store,
  prefix: string,
  by: (text: string) => string,
): Promise<{ readonly keys: readonly string[]; readonly count: number }> {
  let count = 0;
  const keys = (await store.all(prefix)).map(({ key }) => key);
  for (const key of keys) count += await rewrite(store, key, by);
  return { keys, count };
}

/**
 * Writes a record and all its states anew where they stand, with what was noted of them; how many texts became others. */
async function rewrite(store: Store, key: string, by: (text: string) => string): Promise<number> {
  let count = 0;
  await store.entries.change(async (tx) => {
    const { revision, text } = standingOf(key, await tx.get(key));
    if (text !== null && by(text) !== text) await tx.put(key, entryOf({ revision, text: by(text) }));
    const states = statesIn(await tx.get(statesKey(key)));
    for (const state of states) {
      const at = textKey(key, state.revision);
      const before = await tx.get(at);
      const after = before && by(before);
      if (!after || after === before) continue;
      await tx.put(at, after);
      count++;
    }
    const noted = states.map((s) => (s.change === undefined ? s : { ...s, change: by(s.change) }));
    if (states.length > 0) await tx.put(statesKey(key), JSON.stringify(noted));
  });
  return count;
}
