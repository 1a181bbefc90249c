import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { bringIn, type OnConflict, type Outing, type SaveFailure, type Shoot, type StoredKit } from "@/data";
import { openRepository } from "./open-repository";

const LIST_KEY = ["shoots"];
const KIT_KEY = ["kit"];
export const shootKey = (id: string): readonly string[] => ["shoot", id];

export const useShoots = () =>
  useQuery({ queryKey: LIST_KEY, queryFn: async () => (await openRepository()).listShoots(), staleTime: 0 });

export const useShoot = (id: string) =>
  useQuery({ queryKey: shootKey(id), queryFn: async () => (await openRepository()).readShoot(id) });

export const useKit = () =>
  useQuery({ queryKey: KIT_KEY, queryFn: async () => (await openRepository()).readKit() });

/** Takes an outing off the list; what comes back puts it there again. */
export function useRemoveShoot(): (shoot: Shoot) => Promise<() => Promise<void>> {
  const client = useQueryClient();
  const refresh = (id: string): Promise<void> => {
    client.removeQueries({ queryKey: shootKey(id) });
    return client.invalidateQueries({ queryKey: LIST_KEY });
  };
  return async (shoot) => {
    const repository = await openRepository();
    await repository.removeShoot(shoot.id);
    await refresh(shoot.id);
    return async () => {
      await repository.saveShoot({ ...shoot, revision: 0 });
      await refresh(shoot.id);
    };
  };
}

export type BroughtIn =
  | { readonly ok: true; readonly shoot: Shoot; readonly addedKit: number }
  | { readonly ok: false; readonly reason: SaveFailure };

/** Puts an outing from a file beside, or in place of, the user's own. The kit is written first: a shoot needs its kit. */
export function useBringIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: async ({
      file,
      onConflict,
    }: {
      file: Outing;
      onConflict: OnConflict;
    }): Promise<BroughtIn> => {
      const repository = await openRepository();
      const kit = await repository.readKit();
      const { shoots } = await repository.listShoots();
      const next = bringIn(file, { kit: kit.ok ? kit.value : undefined, shoots }, onConflict);
      const before: StoredKit | undefined = kit.ok ? kit.value : undefined;
      const kept = await repository.saveKit(next.kit);
      if (!kept.ok) return kept;
      const saved = await repository.saveShoot(next.shoot);
      if (!saved.ok) {
        if (before) await repository.saveKit(before);
        return saved;
      }
      return { ok: true, shoot: saved.value, addedKit: next.addedKit };
    },
    onSuccess: (result) => {
      if (!result.ok) return;
      client.removeQueries({ queryKey: shootKey(result.shoot.id) });
      client.removeQueries({ queryKey: KIT_KEY });
      void client.invalidateQueries({ queryKey: LIST_KEY });
    },
  });
}
