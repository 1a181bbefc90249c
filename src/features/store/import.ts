import { useQueryClient, type QueryClient } from "@tanstack/react-query";
import {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  importWrite,
  previewImport,
  takenBack,
  type FileContents,
  type ImportChoices,
  type ImportPreview,
  type Mine,
  type Outing,
  type Repository,
  type Saved,
} from "@/data";
import { openRepository } from "./open-repository";
import { outingKey } from "./outings";

/** What an import would do, and when each of the user's own outings in question was last changed (epoch ms). */
export interface Previewed extends ImportPreview {
  readonly savedAt: ReadonlyMap<string, number>;
}

export interface BroughtIn {
  readonly outings: readonly Outing[];
  /** Puts everything back as it was before. */
  readonly undo: () => Promise<Saved<unknown>>;
}

/** What is mine, and the revisions at which kit, library and preferences stand. */
async function readMine(repository: Repository) {
  const [{ outings }, kit, library, preferences] = await Promise.all([
    repository.listOutings(),
    repository.readKit(),
    repository.readLibrary(),
    repository.readPreferences(),
  ]);
  const mine: Mine = {
    outings,
    kit: kit.ok ? kit.value : undefined,
    library: library.ok ? library.value : EMPTY_LIBRARY,
    preferences: preferences.ok ? preferences.value : DEFAULT_PREFERENCES,
  };
  const follows = {
    kit: kit.revision,
    library: library.revision,
    preferences: preferences.revision,
  };
  return { mine, follows };
}

/** Asked of the storage itself: the list on the screen may not have come yet. */
export async function preview(file: FileContents): Promise<Previewed> {
  const repository = await openRepository();
  const found = previewImport(file, (await readMine(repository)).mine);
  const savedAt = new Map<string, number>();
  for (const { own } of found.rows) {
    const [last] = own ? await repository.statesOfOuting(own.id) : [];
    if (own && last) savedAt.set(own.id, last.savedAt);
  }
  return { ...found, savedAt };
}

/** All of a file is taken in, or none of it, which is told; what is unreadable here is not written over. */
async function takeAll(file: FileContents, choices: ImportChoices): Promise<Saved<BroughtIn>> {
  const repository = await openRepository();
  const kit = file.outings[0]?.kit ?? file.kit;
  if (kit) {
    const begun = await repository.begin(async () => ({ kit, outings: [] }));
    if (!begun.ok) return begun;
  }
  const { mine, follows } = await readMine(repository);
  const write = importWrite(file, mine, choices);
  const unreadable = await whatCannotBeRead(repository, write);
  if (unreadable) return { ok: false, reason: "unreadable", faults: [unreadable] };
  const saved = await repository.saveTogether({ ...write, follows });
  if (!saved.ok) return saved;
  await keepPicture(file, saved.value);
  await keepTags(file, saved.value);
  const own = new Map(mine.outings.map((outing) => [outing.id, outing]));
  const isNew = ({ id }: Outing): boolean => !own.has(id);
  // What was changed since it was brought in stays as it is now.
  const undo = async (): Promise<Saved<unknown>> => {
    const { mine: now, follows: stand } = await readMine(repository);
    return repository.saveTogether({
      removed: saved.value.filter(isNew).map(({ id }) => id),
      outings: saved.value
        .filter((o) => !isNew(o))
        .map(({ id, revision }) => ({ ...own.get(id)!, revision })),
      ...(write.kit && mine.kit && now.kit ? { kit: takenBack(now.kit, mine.kit, write.kit) } : {}),
      ...(write.library ? { library: takenBack(now.library, mine.library, write.library) } : {}),
      ...(write.preferences
        ? { preferences: takenBack(now.preferences, mine.preferences, write.preferences) }
        : {}),
      follows: stand,
    });
  };
  return { ok: true, value: { outings: saved.value, undo } };
}

/** The picture that came with an outing is kept for what it was brought in as; without room for it the outing comes alone. */
async function keepPicture({ outings }: FileContents, [brought]: readonly Outing[]): Promise<void> {
  const picture = outings[0]?.picture;
  if (!picture || !brought) return;
  const { fromFile, pictures } = await import("@/data/pictures");
  await pictures.keep(fromFile(brought.id, picture)).catch(() => undefined);
}

/** Tags go beside those of the outing that they came with; of a single one under the name that it was brought in as. */
async function keepTags({ outings }: FileContents, brought: readonly Outing[]): Promise<void> {
  const { bringTags } = await import("@/data/tags-in-file");
  for (const { outing, tagged } of outings) {
    const id = outings.length === 1 && brought[0] ? brought[0].id : outing.id;
    // Where the browser keeps none, the outing comes alone, as with its picture.
    if (tagged) await bringTags(id, tagged).catch(() => undefined);
  }
}

/** A record of the user's that would be written over although it cannot be read. */
async function whatCannotBeRead(repository: Repository, write: ReturnType<typeof importWrite>) {
  const reads = [
    write.kit ? await repository.readKit() : undefined,
    write.library ? await repository.readLibrary() : undefined,
    write.preferences ? await repository.readPreferences() : undefined,
  ];
  const bad = reads.find((read) => read && !read.ok && read.reason === "unreadable");
  if (!bad || bad.ok || bad.reason !== "unreadable") return undefined;
  return {
    path: bad.unreadable.id,
    message: "what is stored here cannot be read: repair or export it first",
  };
}

async function refresh(client: QueryClient, outings: readonly Outing[]): Promise<void> {
  for (const { id } of outings) client.removeQueries({ queryKey: outingKey(id) });
  await client.invalidateQueries();
}

/** Brings a file in as it was chosen; what comes back tells what arrived, and takes it back. */
export function useImport(): (file: FileContents, choices: ImportChoices) => Promise<Saved<BroughtIn>> {
  const client = useQueryClient();
  return async (file, choices) => {
    const saved = await takeAll(file, choices);
    if (!saved.ok) return saved;
    const { outings, undo } = saved.value;
    await refresh(client, outings);
    const undoAndShow = async (): Promise<Saved<unknown>> => {
      const undone = await undo();
      await refresh(client, outings);
      return undone;
    };
    return { ok: true, value: { ...saved.value, undo: undoAndShow } };
  };
}
