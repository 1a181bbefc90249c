import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { DEFAULT_PREFERENCES, type Preferences } from "@/data";
import { openRepository } from "./open-repository";

const STORED = queryOptions({
  queryKey: ["preferences"],
  queryFn: async () => (await openRepository()).readPreferences(),
});

export const usePreferences = (): Preferences => useQuery(STORED).data ?? DEFAULT_PREFERENCES;

/**
 * Changes take effect as soon as what is stored is known, so that a tap in the first moment neither gets lost nor writes
 * the defaults over it; a storage that refuses them loses a theme, not an outing.
 */
export function useChangePreferences(): (change: Partial<Preferences>) => Promise<void> {
  const client = useQueryClient();
  const { mutate } = useMutation({
    scope: { id: "preferences" },
    mutationFn: async (next: Preferences) => (await openRepository()).savePreferences(next),
  });
  return async (change) => {
    const stored = await client.ensureQueryData(STORED);
    const next = { ...(client.getQueryData(STORED.queryKey) ?? stored), ...change };
    client.setQueryData(STORED.queryKey, next);
    mutate(next);
  };
}
