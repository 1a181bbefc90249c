import { create } from "zustand";
import type { Outing, RecordName, SaveFailure } from "@/data";
import { forgetUnsaved, rememberUnsaved } from "@/outing/unsaved";

/** What of this tab is on the screen alone. */
interface Unsaved {
  /** Names of outings, by id. */
  readonly outings: ReadonlyMap<string, string>;
  /** Why kit, library or preferences could not be kept. */
  readonly records: ReadonlyMap<RecordName, SaveFailure>;
  /** How many tags and spoken notes could not be kept. */
  readonly tags: number;
  /** The browser refuses to keep anything: all of it lasts as long as the page. */
  readonly isAll: boolean;
  /** Something of the last version could not be brought into this one, and stays where it was. */
  readonly isUnmoved: boolean;
}

export const useUnsaved = create<Unsaved>(() => ({
  outings: new Map(),
  records: new Map(),
  tags: 0,
  isAll: false,
  isUnmoved: false,
}));

/** The map with a value under a key, or without the key where there is none. */
function having<K, V>(map: ReadonlyMap<K, V>, key: K, value: V | undefined): ReadonlyMap<K, V> {
  const next = new Map(map);
  if (value === undefined) next.delete(key);
  else next.set(key, value);
  return next;
}

/** Remembers an outing that is not kept, and forgets it once it is. */
export function noteUnsaved(id: string, outing: Outing | undefined): void {
  if (outing) rememberUnsaved(sessionStorage, outing);
  else forgetUnsaved(sessionStorage, id);
  useUnsaved.setState(({ outings }) => ({ outings: having(outings, id, outing?.name) }));
}

export const noteNotKept = (name: RecordName, failure: SaveFailure | undefined): void =>
  useUnsaved.setState(({ records }) => ({ records: having(records, name, failure) }));

export const noteNothingKept = (): void => useUnsaved.setState({ isAll: true });
export const noteUnmoved = (): void => useUnsaved.setState({ isUnmoved: true });

export const noteUnkept = (tags: number): void => useUnsaved.setState({ tags });

/** Asks before the page is left while something is on the screen alone; gives back what ends it. */
export function warnOnLeaving(): () => void {
  const ask = (event: BeforeUnloadEvent): void => {
    const { outings, records, tags, isAll } = useUnsaved.getState();
    if (isAll || outings.size + records.size + tags > 0) event.preventDefault();
  };
  window.addEventListener("beforeunload", ask);
  return () => window.removeEventListener("beforeunload", ask);
}
