import { useMutation, useQueryClient, type QueryKey } from "@tanstack/react-query";
import { useState } from "react";
import type { SaveFailure, Saved } from "@/data";

/** Changes one record that is kept: the screen shows the change at once, and the old state again when it is refused. */
export interface KeptChange<T> {
  readonly change: (next: T) => Promise<boolean>;
  readonly failure: SaveFailure | undefined;
}

/** A record read as `{ ok, value }` under a key; writes go one after the other. */
export function useKeptChange<T>(queryKey: QueryKey, save: (next: T) => Promise<Saved<T>>): KeptChange<T> {
  const client = useQueryClient();
  const [failure, setFailure] = useState<SaveFailure>();
  const { mutateAsync } = useMutation({ scope: { id: queryKey.join("/") }, mutationFn: save });
  const change = async (next: T): Promise<boolean> => {
    const before = client.getQueryData(queryKey);
    client.setQueryData(queryKey, { ok: true, value: next });
    const saved = await mutateAsync(next).catch(() => ({ ok: false, reason: "storage-failed" }) as const);
    setFailure(saved.ok ? undefined : saved.reason);
    if (!saved.ok) client.setQueryData(queryKey, before);
    return saved.ok;
  };
  return { change, failure };
}
