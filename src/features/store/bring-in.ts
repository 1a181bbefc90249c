import { useMutation, useQueryClient } from "@tanstack/react-query";
import { addToLibrary, bringIn, type FileContents, type OnConflict, type Saved, type Outing } from "@/data";
import { openRepository } from "./open-repository";

export interface BroughtIn {
  readonly outings: readonly Outing[];
  readonly addedKit: number;
}

/** What a file holds, taken in as a whole: where a part of it cannot be kept, none of it is, and that is told. */
async function takeAll({ files, rest }: FileContents, onConflict: OnConflict): Promise<Saved<BroughtIn>> {
  const repository = await openRepository();
  await repository.begin(async () => ({ kit: files[0]?.kit ?? rest!.kit, outings: [] }));
  const kit = await repository.readKit();
  const own = await repository.readLibrary();
  const standing = (await repository.listOutings()).outings;
  const mine = { kit: kit.ok ? kit.value : undefined, outings: [...standing] };
  const outings: Outing[] = [];
  let addedKit = 0;
  for (const file of files) {
    // Two outings of one id in one file both arrive.
    const again = outings.some(({ id }) => id === file.outing.id);
    const next = bringIn(file, mine, again ? "keep-both" : onConflict);
    mine.kit = next.kit;
    mine.outings.push(next.outing);
    outings.push(next.outing);
    addedKit += next.addedKit;
  }
  const saved = await repository.saveTogether({
    outings,
    ...(mine.kit ? { kit: mine.kit } : {}),
    ...(rest && own.ok ? { library: addToLibrary(own.value, rest.library) } : {}),
    ...(rest ? { preferences: rest.preferences } : {}),
  });
  return saved.ok ? { ok: true, value: { outings: saved.value, addedKit } } : saved;
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
