import type { Library, Unreadable } from "@/data";
import { useKept, useKeptChange } from "./kept";

/** The user's own part of the library; `undefined` while it is read, and when it cannot be. */
export function useOwnLibrary(): {
  readonly own: Library | undefined;
  readonly unreadable: Unreadable | undefined;
} {
  const { data } = useKept("library");
  const unreadable = data && !data.ok && data.reason === "unreadable" ? data.unreadable : undefined;
  return { own: data?.ok ? data.value : undefined, unreadable };
}

export const useChangeLibrary = () => useKeptChange("library");
