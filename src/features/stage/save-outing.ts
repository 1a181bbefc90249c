import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import type { SaveFailure, Saved, Outing } from "@/data";
import { openRepository } from "../store/open-repository";
import { outingKey } from "../store/outings";

export type ChangeOuting = (change: (outing: Outing) => Outing, options?: { readonly keep: boolean }) => void;

/**
 * The outing as the screens change it: every change shows at once; those that are kept are written one after the other,
 * each following the revision that the storage holds. A failed write leaves the screen as it is and says so.
 */
export function useOutingChanges(id: string, opened: Outing) {
  const client = useQueryClient();
  const revision = useRef(opened.revision);
  const [failure, setFailure] = useState<SaveFailure>();
  const current = useCallback((): Outing => {
    const held = client.getQueryData<{ ok: boolean; value?: Outing }>(outingKey(id));
    return held?.value ?? opened;
  }, [client, id, opened]);

  const { mutate } = useMutation({
    scope: { id: `outing-${id}` },
    mutationFn: async (outing: Outing): Promise<Saved<Outing>> =>
      (await openRepository()).saveOuting({ ...outing, revision: revision.current }),
    onSuccess: (saved) => {
      setFailure(saved.ok ? undefined : saved.reason);
      if (!saved.ok) return;
      revision.current = saved.value.revision;
      client.setQueryData(outingKey(id), {
        ok: true,
        value: { ...current(), revision: saved.value.revision },
      });
    },
    onError: () => setFailure("storage-failed"),
  });

  const change = useCallback<ChangeOuting>(
    (apply, { keep } = { keep: true }) => {
      const next = apply(current());
      client.setQueryData(outingKey(id), { ok: true, value: next });
      if (keep) mutate(next);
    },
    [client, id, current, mutate],
  );

  const retry = useCallback(() => mutate(current()), [mutate, current]);
  const reload = useCallback(async () => {
    const stored = await (await openRepository()).readOuting(id);
    if (stored.ok) revision.current = stored.value.revision;
    client.setQueryData(outingKey(id), stored);
    setFailure(undefined);
  }, [client, id]);
  return { change, failure, retry, reload };
}
