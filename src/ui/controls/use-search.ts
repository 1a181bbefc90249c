import { useEffect, useMemo, useState } from "react";
import { matching, type Pickable } from "./matching";

const NONE: readonly never[] = [];

/** Items that a search finds; where it finds none as it is written, those that its misspelt words mean, as soon as these are worked out. */
export function useSearch<T extends Pickable>(items: readonly T[], search: string): readonly T[] {
  const found = useMemo(() => matching(items, search), [items, search]);
  const [forgiven, setForgiven] = useState<{
    readonly items: readonly T[];
    readonly search: string;
    readonly found: readonly T[];
  }>();
  const isAsked = found.length === 0 && search.trim() !== "";
  useEffect(() => {
    if (!isAsked) return;
    let current = true;
    void import("./slips").then(({ meant }) => {
      if (current) setForgiven({ items, search, found: meant(items, search) });
    });
    return () => {
      current = false;
    };
  }, [isAsked, items, search]);
  if (!isAsked) return found;
  return forgiven?.items === items && forgiven.search === search ? forgiven.found : NONE;
}
