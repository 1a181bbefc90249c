import { queryOptions, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { DEFAULT_PREFERENCES, type Preferences } from "@/data";
import { openRepository } from "./open-repository";

const STORED = queryOptions({
  queryKey: ["preferences"],
  queryFn: async () => (await openRepository()).readPreferences(),
});

export const usePreferences = (): Preferences => useQuery(STORED).data ?? DEFAULT_PREFERENCES;

/** Tries to change preferences that another tab changes as well. */
const TRIES = 5;

/**
 * Changes take effect as soon as what is stored is known, so that a tap in the first moment neither gets lost nor writes
 * the defaults over it; a storage that refuses them loses a theme, not an outing.
 */
export function useChangePreferences(): (change: Partial<Preferences>) => Promise<void> {
  const client = useQueryClient();
  const { mutate } = useMutation({
    scope: { id: "preferences" },
    mutationFn: async (change: Partial<Preferences>) => {
      const repository = await openRepository();
      for (let tries = 0; tries < TRIES; tries++) {
        const saved = await repository.savePreferences({
          ...(await repository.readPreferences()),
          ...change,
        });
        if (saved.ok || saved.reason !== "overtaken") return saved;
      }
      return undefined;
    },
  });
  return async (change) => {
    const stored = await client.ensureQueryData(STORED);
    const next = { ...(client.getQueryData(STORED.queryKey) ?? stored), ...change };
    client.setQueryData(STORED.queryKey, next);
    mutate(change);
  };
}
