import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { DEFAULT_PREFERENCES, type Preferences } from "@/data";
import { openRepository } from "./open-repository";

const KEY = ["preferences"];

export const usePreferences = (): Preferences =>
  useQuery({ queryKey: KEY, queryFn: async () => (await openRepository()).readPreferences() }).data ??
  DEFAULT_PREFERENCES;

/** Changes take effect at once; a storage that refuses them loses a theme, not an outing. */
export function useChangePreferences(): (change: Partial<Preferences>) => void {
  const client = useQueryClient();
  const { mutate } = useMutation({
    scope: { id: "preferences" },
    mutationFn: async (next: Preferences) => (await openRepository()).savePreferences(next),
  });
  return (change) => {
    const next = { ...(client.getQueryData<Preferences>(KEY) ?? DEFAULT_PREFERENCES), ...change };
    client.setQueryData(KEY, next);
    mutate(next);
  };
}
