import "fake-indexeddb/auto";
import { adopt } from "./move-in";
import { openEntries } from "./open-entries";
import { createStore, type Store } from "./store";

let databases = 0;

/** A store over a database of its own. */
export const freshStore = async (name = `test-${++databases}`): Promise<Store> =>
  createStore(await openEntries(name));

/** Puts a text under a key as another version of the program would have left it. */
export const lay = (store: Store, key: string, text: string, revision = 1): Promise<void> =>
  adopt(store, key, [{ revision, savedAt: Date.now(), removed: false, text }]);

/**
 * While the work goes on the database refuses each of its operations that `refuses` names by its number, 1 for the first, with an
 * error of the name that it gives. Gives back how many operations there were.
 */
export async function refusing(
  refuses: (nth: number, method: string) => string | undefined,
  work: () => Promise<unknown>,
): Promise<number> {
  const methods = ["get", "getAll", "put", "delete"] as const;
  const prototype = IDBObjectStore.prototype as unknown as Record<string, (...args: unknown[]) => unknown>;
  const before = methods.map((name) => prototype[name]!);
  let calls = 0;
  methods.forEach((name, i) => {
    prototype[name] = function (this: unknown, ...args: unknown[]) {
      const error = refuses(++calls, name);
      if (error) throw new DOMException("the disk is gone", error);
      return before[i]!.apply(this, args);
    };
  });
  try {
    await work();
  } finally {
    methods.forEach((name, i) => (prototype[name] = before[i]!));
  }
  return calls;
}
