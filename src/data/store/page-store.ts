import { withState, type Standing, type State, type Store, type Write } from "./store";

/** A store that lasts as long as the page: where the browser has no IndexedDB or blocks it, nothing else keeps the records. */
export function pageStore(): Store {
  const records = new Map<string, Standing>();
  const states = new Map<string, readonly State[]>();
  const texts = new Map<string, Map<number, string | null>>();
  const standing = (key: string): Standing => records.get(key) ?? { key, revision: 0, text: null };
  const put = (one: Write): void => {
    const { key, text, follows } = one;
    const next = withState(states.get(key) ?? [], one, Date.now());
    const own = texts.get(key) ?? new Map<number, string | null>();
    own.set(follows + 1, text);
    next.gone.forEach((old) => own.delete(old));
    records.set(key, { key, revision: follows + 1, text });
    states.set(key, next.states);
    texts.set(key, own);
  };
  return {
    standing: async (key) => standing(key),
    all: async (prefix) => [...records.values()].filter((r) => r.key.startsWith(prefix)),
    write: async (writes) => {
      const overtaken = writes.find(({ key, follows }) => standing(key).revision !== follows);
      if (overtaken) {
        const { key } = overtaken;
        return { ok: false, reason: "overtaken", key, stored: standing(key).revision };
      }
      writes.forEach(put);
      return { ok: true };
    },
    adopt: async ({ key, states: kept }) => {
      const stored = standing(key).revision;
      if (stored !== 0) return { ok: false, reason: "overtaken", key, stored };
      const [newest] = kept;
      if (newest) records.set(key, { key, revision: newest.revision, text: newest.text });
      states.set(
        key,
        kept.map(({ text: _, ...state }) => state),
      );
      texts.set(key, new Map(kept.map(({ revision, text }) => [revision, text])));
      return { ok: true };
    },
    states: async (key) => states.get(key) ?? [],
    textOf: async (key, revision) => texts.get(key)?.get(revision),
    forget: async (key) => [records, states, texts].forEach((map) => map.delete(key)),
    clear: async () => [records, states, texts].forEach((map) => map.clear()),
  };
}
