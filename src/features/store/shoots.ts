import { useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import { duplicateShoot, type Saved, type Shoot } from "@/data";
import { openRepository } from "./open-repository";

const LIST_KEY = ["shoots"];
export const shootKey = (id: string): readonly string[] => ["shoot", id];

export const useShoots = () =>
  useQuery({ queryKey: LIST_KEY, queryFn: async () => (await openRepository()).listShoots(), staleTime: 0 });

export const useShoot = (id: string) =>
  useQuery({ queryKey: shootKey(id), queryFn: async () => (await openRepository()).readShoot(id) });

/** Reads an outing and the list again after something was written past the screens. */
async function refresh(client: QueryClient, id: string): Promise<void> {
  client.removeQueries({ queryKey: shootKey(id) });
  await client.invalidateQueries({ queryKey: LIST_KEY });
}

/** Takes an outing off the list; what comes back puts it there again. */
export function useRemoveShoot(): (shoot: Shoot) => Promise<() => Promise<void>> {
  const client = useQueryClient();
  return async (shoot) => {
    const repository = await openRepository();
    await repository.removeShoot(shoot.id);
    await refresh(client, shoot.id);
    return async () => {
      await repository.saveShoot({ ...shoot, revision: 0 });
      await refresh(client, shoot.id);
    };
  };
}

/** Writes an outing as a whole: a new one, or one that is put away or brought back. */
export function useSaveShoot(): (shoot: Shoot) => Promise<Saved<Shoot>> {
  const client = useQueryClient();
  return async (shoot) => {
    const saved = await (await openRepository()).saveShoot(shoot);
    if (saved.ok) await refresh(client, shoot.id);
    return saved;
  };
}

/** The same outing again under an id of its own. */
export function useDuplicateShoot(): (shoot: Shoot) => Promise<Saved<Shoot>> {
  const save = useSaveShoot();
  return async (shoot) => {
    const { shoots, unreadable } = await (await openRepository()).listShoots();
    return save(duplicateShoot(shoot, [...shoots, ...unreadable]));
  };
}
