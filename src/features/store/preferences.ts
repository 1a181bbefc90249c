import { useQueryClient } from "@tanstack/react-query";
import { DEFAULT_PREFERENCES, type Preferences } from "@/data";
import { fromThePress, keptQuery, useKept, useKeptChange } from "./kept";

/** The defaults while they are read, and where they cannot be. */
export function usePreferences(): Preferences {
  const { data } = useKept("preferences");
  return data?.ok ? data.value : DEFAULT_PREFERENCES;
}

/**
 * Changes take effect as soon as what is stored is known, so that a tap in the first moment neither gets lost nor writes
 * the defaults over it.
 */
export function useChangePreferences(): (change: Partial<Preferences>) => Promise<boolean> {
  const client = useQueryClient();
  const { change } = useKeptChange("preferences");
  const changeBy = async (edit: Partial<Preferences>): Promise<boolean> => {
    const stored = await client.ensureQueryData(keptQuery("preferences"));
    const shown = client.getQueryData<typeof stored>(["preferences"]) ?? stored;
    return change({ ...(shown.ok ? shown.value : DEFAULT_PREFERENCES), ...edit });
  };
  return (edit) => fromThePress(changeBy(edit));
}
