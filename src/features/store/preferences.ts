import { DEFAULT_PREFERENCES, type Preferences } from "@/data";
import { useEditKept, useKept } from "./kept";

/** The defaults while they are read, and where they cannot be. */
export function usePreferences(): Preferences {
  const { data } = useKept("preferences");
  return data?.ok ? data.value : DEFAULT_PREFERENCES;
}

export function useChangePreferences(): (change: Partial<Preferences>) => Promise<boolean> {
  const edit = useEditKept("preferences");
  return (change) => edit((now) => ({ ...now, ...change }));
}
