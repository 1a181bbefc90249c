import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useCallback, useRef, useState } from "react";
import type { Fault, SaveFailure, Saved, Outing } from "@/data";
import { commit } from "@/outing/commit";
import type { Edit } from "@/outing/edits";
import { openRepository } from "../store/open-repository";
import { outingKey } from "../store/outings";

export type ChangeOuting = (edit: Edit, options?: { readonly keep: boolean }) => void;

/**
 * The outing as the screens change it: every change shows at once; those that are kept pass the schema and are written
 * one after the other, each following the revision that the storage holds. What the schema refuses is taken back to the
 * last state that it did not; a failed write leaves the screen as it is. Both are said.
 */
export function useOutingChanges(id: string, opened: Outing) {
  const client = useQueryClient();
  const revision = useRef(opened.revision);
  const [failure, setFailure] = useState<SaveFailure>();
  const [refused, setRefused] = useState<readonly Fault[]>();
  const sound = useRef(opened);
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
    (edit, { keep } = { keep: true }) => {
      const show = (value: Outing) => client.setQueryData(outingKey(id), { ok: true, value });
      if (!keep) return void show(edit(current()));
      const next = commit(current(), edit);
      if (!next.ok) {
        show({ ...sound.current, revision: revision.current });
        return setRefused(next.faults);
      }
      setRefused(undefined);
      sound.current = next.value;
      show(next.value);
      mutate(next.value);
    },
    [client, id, current, mutate],
  );

  const retry = useCallback(() => mutate(current()), [mutate, current]);
  const reload = useCallback(async () => {
    const stored = await (await openRepository()).readOuting(id);
    if (stored.ok) {
      revision.current = stored.value.revision;
      sound.current = stored.value;
    }
    client.setQueryData(outingKey(id), stored);
    setFailure(undefined);
  }, [client, id]);
  const accept = useCallback(() => setRefused(undefined), []);
  return { change, failure, refused, accept, retry, reload };
}
