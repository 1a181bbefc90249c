import { useMutation, useQueryClient } from "@tanstack/react-query";
import {
  addToLibrary,
  bringIn,
  type FileContents,
  type OnConflict,
  type OutingFile,
  type Repository,
  type Saved,
  type Outing,
} from "@/data";
import { openRepository } from "./open-repository";

export interface BroughtIn {
  readonly outings: readonly Outing[];
  readonly addedKit: number;
}

/** Puts an outing from a file beside, or in place of, the user's own. The kit is written first: an outing needs its kit. */
async function takeIn(
  repository: Repository,
  file: OutingFile,
  onConflict: OnConflict,
): Promise<Saved<{ readonly outing: Outing; readonly addedKit: number }>> {
  const kit = await repository.readKit();
  const { outings } = await repository.listOutings();
  const next = bringIn(file, { kit: kit.ok ? kit.value : undefined, outings }, onConflict);
  const kept = await repository.saveKit(next.kit);
  if (!kept.ok) return kept;
  const saved = await repository.saveOuting(next.outing);
  if (saved.ok) return { ok: true, value: { outing: saved.value, addedKit: next.addedKit } };
  if (kit.ok) await repository.saveKit(kit.value);
  return saved;
}

/** What a file holds, taken in piece by piece; the first piece that cannot be kept ends it and is told. */
async function takeAll({ files, rest }: FileContents, onConflict: OnConflict): Promise<Saved<BroughtIn>> {
  const repository = await openRepository();
  await repository.begin(async () => ({ kit: files[0]?.kit ?? rest!.kit, outings: [] }));
  const outings: Outing[] = [];
  let addedKit = 0;
  for (const file of files) {
    const taken = await takeIn(repository, file, onConflict);
    if (!taken.ok) return taken;
    outings.push(taken.value.outing);
    addedKit += taken.value.addedKit;
  }
  if (rest) {
    const own = await repository.readLibrary();
    const kept = own.ok ? await repository.saveLibrary(addToLibrary(own.value, rest.library)) : undefined;
    if (kept && !kept.ok) return kept;
    const liked = await repository.savePreferences(rest.preferences);
    if (!liked.ok) return liked;
  }
  return { ok: true, value: { outings, addedKit } };
}

/** Brings a file in: one outing, or everything that somebody kept. */
export function useBringIn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ file, onConflict }: { file: FileContents; onConflict: OnConflict }) =>
      takeAll(file, onConflict),
    onSettled: (result) => {
      const brought = result?.ok ? result.value.outings : [];
      for (const { id } of brought) client.removeQueries({ queryKey: ["outing", id] });
      void client.invalidateQueries();
    },
  });
}
