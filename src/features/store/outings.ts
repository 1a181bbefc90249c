import { useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { duplicateOuting, type Note, type Saved, type Outing } from "@/data";
import { openRepository } from "./open-repository";
import { askToPersist } from "./storage";

export const LIST_KEY = ["outings"];
export const outingKey = (id: string): readonly string[] => ["outing", id];

export const useOutings = () =>
  useQuery({ queryKey: LIST_KEY, queryFn: async () => (await openRepository()).listOutings(), staleTime: 0 });

export const useOuting = (id: string) =>
  useQuery({ queryKey: outingKey(id), queryFn: async () => (await openRepository()).readOuting(id) });

export const useDeletedOutings = () =>
  useQuery({
    queryKey: [...LIST_KEY, "deleted"],
    queryFn: async () => (await openRepository()).deletedOutings(),
    staleTime: 0,
  });

/** Reads an outing and the list again after something was written past the screens. */
async function refresh(client: QueryClient, id: string): Promise<void> {
  client.removeQueries({ queryKey: outingKey(id) });
  await client.invalidateQueries({ queryKey: LIST_KEY });
}

/** Takes an outing off the list; what comes back puts it there again. */
export function useRemoveOuting(): (outing: Outing) => Promise<Saved<() => Promise<void>>> {
  const client = useQueryClient();
  return async (outing) => {
    const repository = await openRepository();
    const removed = await repository.removeOuting(outing.id);
    if (!removed.ok) return removed;
    await refresh(client, outing.id);
    const undo = async (): Promise<void> => {
      await repository.saveOuting({ ...outing, revision: 0 });
      await refresh(client, outing.id);
    };
    return { ok: true, value: undo };
  };
}

/** Writes an outing as a whole: a new one, or one that is put away or brought back. */
export function useSaveOuting(): (outing: Outing, note?: Note) => Promise<Saved<Outing>> {
  const client = useQueryClient();
  return async (outing, note) => {
    const saved = await (await openRepository()).saveOuting(outing, note);
    if (saved.ok && outing.revision === 0) askToPersist();
    if (saved.ok) await refresh(client, outing.id);
    return saved;
  };
}

/** Changes an outing that is not open, as it stands then. */
export function useChangeStored(): (id: string, edit: (outing: Outing) => Outing) => Promise<boolean> {
  const save = useSaveOuting();
  return async (id, edit) => {
    const read = await (await openRepository()).readOuting(id);
    return read.ok && (await save(edit(read.value))).ok;
  };
}

/** The same outing again under an id of its own. */
export function useDuplicateOuting(): (outing: Outing) => Promise<Saved<Outing>> {
  const save = useSaveOuting();
  return (outing) => save(duplicateOuting(outing));
}

/** What is stored and cannot be read: written over with what was mended of it, or deleted. */
export function useMendBroken() {
  const client = useQueryClient();
  return {
    keep: async (outing: Outing): Promise<Saved<Outing>> => {
      const saved = await (await openRepository()).replaceUnreadable(outing);
      await refresh(client, outing.id);
      return saved;
    },
    remove: async (id: string): Promise<Saved<true>> => {
      const removed = await (await openRepository()).removeOuting(id);
      await refresh(client, id);
      return removed;
    },
  };
}
