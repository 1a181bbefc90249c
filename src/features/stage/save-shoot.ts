import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import type { SaveFailure, Saved, Shoot } from "@/data";
import { openRepository } from "../store/open-repository";
import { shootKey } from "../store/shoots";

export type ChangeShoot = (change: (shoot: Shoot) => Shoot, options?: { readonly keep: boolean }) => void;

/**
 * The outing as the screens change it: every change shows at once; those that are kept are written one after the other,
 * each following the revision that the storage holds. A failed write leaves the screen as it is and says so.
 */
export function useShootChanges(id: string, opened: Shoot) {
  const client = useQueryClient();
  const revision = useRef(opened.revision);
  const [failure, setFailure] = useState<SaveFailure>();
  const current = useCallback((): Shoot => {
    const held = client.getQueryData<{ ok: boolean; value?: Shoot }>(shootKey(id));
    return held?.value ?? opened;
  }, [client, id, opened]);

  const { mutate } = useMutation({
    scope: { id: `shoot-${id}` },
    mutationFn: async (shoot: Shoot): Promise<Saved<Shoot>> =>
      (await openRepository()).saveShoot({ ...shoot, revision: revision.current }),
    onSuccess: (saved) => {
      setFailure(saved.ok ? undefined : saved.reason);
      if (!saved.ok) return;
      revision.current = saved.value.revision;
      client.setQueryData(shootKey(id), {
        ok: true,
        value: { ...current(), revision: saved.value.revision },
      });
    },
    onError: () => setFailure("storage-failed"),
  });

  const change = useCallback<ChangeShoot>(
    (apply, { keep } = { keep: true }) => {
      const next = apply(current());
      client.setQueryData(shootKey(id), { ok: true, value: next });
      if (keep) mutate(next);
    },
    [client, id, current, mutate],
  );

  const retry = useCallback(() => mutate(current()), [mutate, current]);
  const reload = useCallback(async () => {
    const stored = await (await openRepository()).readShoot(id);
    if (stored.ok) revision.current = stored.value.revision;
    client.setQueryData(shootKey(id), stored);
    setFailure(undefined);
  }, [client, id]);
  return { change, failure, retry, reload };
}
