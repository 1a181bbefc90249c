import { expired, standingRevision, type Journal, type Standing, type State, type Write } from "./journal";

/** A journal that lasts as long as the page: where the browser has no IndexedDB or blocks it, the records beside it are all. */
export function pageJournal(): Journal {
  const records = new Map<string, Standing>();
  const states = new Map<string, (State & { readonly text: string | null })[]>();
  const put = ({ key, text, stood, follows, ...rest }: Write): void => {
    const revision = follows + 1;
    const savedAt = Date.now();
    const before = states.get(key) ?? [];
    const first = stood && before.length === 0 ? [{ ...stood, savedAt, removed: false }] : [];
    const all = [{ revision, savedAt, removed: text === null, text, ...rest }, ...before, ...first];
    const old = new Set(expired(all));
    records.set(key, { key, revision, text });
    states.set(
      key,
      all.filter((s) => !old.has(s.revision)),
    );
  };
  return {
    standing: async (key) => records.get(key),
    all: async (prefix) => [...records.values()].filter((r) => r.key.startsWith(prefix)),
    write: async (writes) => {
      for (const one of writes) {
        const stored = standingRevision(one, records.get(one.key));
        if (stored !== one.follows) return { ok: false, reason: "overtaken", key: one.key, stored };
      }
      writes.forEach(put);
      return { ok: true };
    },
    states: async (key) => states.get(key) ?? [],
    textOf: async (key, revision) => states.get(key)?.find((s) => s.revision === revision)?.text,
    forget: async (key) => {
      records.delete(key);
      states.delete(key);
    },
    clear: async () => {
      records.clear();
      states.clear();
    },
  };
}
