import type { Entries } from "./entries";

/** Entries that last as long as the page: where the browser has no IndexedDB or blocks it, nothing else keeps anything. */
export function pageEntries(): Entries {
  let kept = new Map<string, string>();
  return {
    get: async (key) => kept.get(key),
    list: async (prefix) => [...kept].filter(([key]) => key.startsWith(prefix)),
    change: async (work) => {
      const next = new Map(kept);
      const keys = (prefix: string): string[] =>
        [...next.keys()].filter((key) => key.startsWith(prefix)).toSorted();
      await work({
        get: async (key) => next.get(key),
        put: async (key, text) => next.set(key, text),
        delete: async (key) => next.delete(key),
        keys: async (prefix) => keys(prefix),
        deleteAll: async (prefix) => keys(prefix).forEach((key) => next.delete(key)),
      });
      kept = next;
    },
  };
}
