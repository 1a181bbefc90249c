import type { QueryClient } from "@tanstack/react-query";
import { DEFAULT_PREFERENCES, type Preferences, type Read } from "@/data";
import { setDisplay } from "@/words";
import { keptQuery } from "./kept";

/**
 * Tells the words how this user reads lengths and times once preferences are read and whenever they change: the cache hears of it before
 * a screen is drawn of them. Gives back what ends it.
 */
export function followDisplay(client: QueryClient): () => void {
  const { queryKey } = keptQuery("preferences");
  return client.getQueryCache().subscribe(({ query }) => {
    if (query.queryKey[0] !== queryKey[0]) return;
    const read = client.getQueryData<Read<Preferences>>(queryKey);
    const { units, clock } = read?.ok ? read.value : DEFAULT_PREFERENCES;
    setDisplay({ units, clock });
  });
}
