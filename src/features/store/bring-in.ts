import { useMutation, useQueryClient } from "@tanstack/react-query";
import {
  addToLibrary,
  bringIn,
  type FileContents,
  type OnConflict,
  type Outing,
  type Repository,
  type Saved,
  type Shoot,
} from "@/data";
import { openRepository } from "./open-repository";

export interface BroughtIn {
  readonly shoots: readonly Shoot[];
  readonly addedKit: number;
}

/** Puts an outing from a file beside, or in place of, the user's own. The kit is written first: a shoot needs its kit. */
async function takeIn(
  repository: Repository,
  file: Outing,
  onConflict: OnConflict,
): Promise<Saved<{ readonly shoot: Shoot; readonly addedKit: number }>> {
  const kit = await repository.readKit();
  const { shoots } = await repository.listShoots();
  const next = bringIn(file, { kit: kit.ok ? kit.value : undefined, shoots }, onConflict);
  const kept = await repository.saveKit(next.kit);
  if (!kept.ok) return kept;
  const saved = await repository.saveShoot(next.shoot);
  if (saved.ok) return { ok: true, value: { shoot: saved.value, addedKit: next.addedKit } };
  if (kit.ok) await repository.saveKit(kit.value);
  return saved;
}

/** What a file holds, taken in piece by piece; the first piece that cannot be kept ends it and is told. */
async function takeAll({ outings, rest }: FileContents, onConflict: OnConflict): Promise<Saved<BroughtIn>> {
  const repository = await openRepository();
  await repository.begin(async () => ({ kit: outings[0]?.kit ?? rest!.kit, shoots: [] }));
  const shoots: Shoot[] = [];
  let addedKit = 0;
  for (const outing of outings) {
    const taken = await takeIn(repository, outing, onConflict);
    if (!taken.ok) return taken;
    shoots.push(taken.value.shoot);
    addedKit += taken.value.addedKit;
  }
  if (rest) {
    const own = await repository.readLibrary();
    const kept = own.ok ? await repository.saveLibrary(addToLibrary(own.value, rest.library)) : undefined;
    if (kept && !kept.ok) return kept;
    const liked = await repository.savePreferences(rest.preferences);
    if (!liked.ok) return liked;
  }
  return { ok: true, value: { shoots, addedKit } };
}

/** Brings a file in: one outing, or everything that somebody kept. */
export function useBringIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, onConflict }: { file: FileContents; onConflict: OnConflict }) =>
      takeAll(file, onConflict),
    onSettled: (result) => {
      const brought = result?.ok ? result.value.shoots : [];
      for (const { id } of brought) client.removeQueries({ queryKey: ["shoot", id] });
      void client.invalidateQueries();
    },
  });
}
