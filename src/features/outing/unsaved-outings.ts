import { create } from "zustand";
import type { Outing } from "@/data";
import { forgetUnsaved, rememberUnsaved } from "@/outing/unsaved";

/** The outings of this tab that are on the screen alone, by id. */
export const useUnsaved = create<{ readonly names: ReadonlyMap<string, string> }>(() => ({
  names: new Map(),
}));

/** Remembers what is not kept, and forgets it once it is. */
export function noteUnsaved(id: string, outing: Outing | undefined): void {
  const names = new Map(useUnsaved.getState().names);
  if (outing) {
    rememberUnsaved(sessionStorage, outing);
    names.set(id, outing.name);
  } else {
    forgetUnsaved(sessionStorage, id);
    names.delete(id);
  }
  useUnsaved.setState({ names });
}

/** Asks before the page is left while something is on the screen alone; gives back what ends it. */
export function warnOnLeaving(): () => void {
  const ask = (event: BeforeUnloadEvent): void => {
    if (useUnsaved.getState().names.size > 0) event.preventDefault();
  };
  window.addEventListener("beforeunload", ask);
  return () => window.removeEventListener("beforeunload", ask);
}
