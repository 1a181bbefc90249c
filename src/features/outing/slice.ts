import { useStore } from "zustand";
import { createStore, type StateCreator, type StoreApi } from "zustand/vanilla";
import { useOuting } from "./use-outing";

/** A state of the page that belongs to an outing: each outing has its own, for as long as the page lives. */
export interface Slice<T> {
  /** That of the open outing. */
  readonly useSlice: <U>(select: (state: T) => U) => U;
  /** That of an outing by its id. */
  readonly of: (outingId: string) => StoreApi<T>;
}

/** A slice of the open outing: nobody keys a store of the page by hand, and none shows one outing what belongs to another. */
export function slice<T>(begin: (outingId: string) => StateCreator<T>): Slice<T> {
  const stores = new Map<string, StoreApi<T>>();
  const of = (outingId: string): StoreApi<T> => {
    const known = stores.get(outingId) ?? createStore<T>(begin(outingId));
    stores.set(outingId, known);
    return known;
  };
  const useSlice = <U>(select: (state: T) => U): U => {
    const id = useOuting((v) => v.outing.id);
    return useStore(of(id), select);
  };
  return { of, useSlice };
}
