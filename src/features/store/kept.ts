import { useMutation, useQueryClient, type QueryKey } from "@tanstack/react-query";
import { useState } from "react";
import { mergeRecords, type Repository, type SaveFailure, type Saved } from "@/data";
import { openRepository } from "./open-repository";

/** Changes one record that is kept: the screen shows the change at once, and the old state again when it is refused. */
export interface KeptChange<T> {
  readonly change: (next: T) => Promise<boolean>;
  readonly failure: SaveFailure | undefined;
}

type Answer<T> = { readonly ok: true; readonly value: T } | { readonly ok: false };

interface KeptRecord<T> {
  readonly key: QueryKey;
  readonly read: (repository: Repository) => Promise<Answer<T>>;
  readonly save: (repository: Repository, next: T) => Promise<Saved<T>>;
}

/** Tries after which a record that others keep changing is left to the user. */
const TRIES = 5;

/** A record without a revision of its own; writes go one after the other, on top of what another tab wrote meanwhile. */
export function useKeptChange<T extends object>({ key, read, save }: KeptRecord<T>): KeptChange<T> {
  const client = useQueryClient();
  const [failure, setFailure] = useState<SaveFailure>();
  const { mutateAsync } = useMutation({
    scope: { id: key.join("/") },
    mutationFn: async ({ before, next }: { before: T | undefined; next: T }): Promise<Saved<T>> => {
      const repository = await openRepository();
      let saved = await save(repository, next);
      for (let tries = 1; !saved.ok && saved.reason === "overtaken" && tries < TRIES; tries++) {
        const theirs = await read(repository);
        if (!theirs.ok || !before) return saved;
        saved = await save(repository, mergeRecords(before, next, theirs.value));
      }
      return saved;
    },
  });
  const change = async (next: T): Promise<boolean> => {
    const before = client.getQueryData<Answer<T>>(key);
    client.setQueryData(key, { ok: true, value: next });
    const saved = await mutateAsync({ before: before?.ok ? before.value : undefined, next }).catch(
      () => ({ ok: false, reason: "storage-failed" }) as const,
    );
    setFailure(saved.ok ? undefined : saved.reason);
    client.setQueryData(key, saved.ok ? { ok: true, value: saved.value } : before);
    return saved.ok;
  };
  return { change, failure };
}
