import { useQueryClient, type QueryClient } from "@tanstack/react-query";
import {
  namesOf,
  ONE_KINDS,
  takenBack,
  type Outing,
  type ReadAt,
  type RecordName,
  type RecordOf,
  type Repository,
  type Saved,
} from "@/data";
import {
  importWrite,
  previewImport,
  type FileContents,
  type ImportChoices,
  type ImportPreview,
  type Mine,
} from "@/data/files";
import type { Arriving } from "@/data/beside";
import { failureOf } from "@/data/store/store";
import { openBeside, openRepository } from "./open-repository";
import { outingKey } from "./outings";

/** What an import would do, and when each of the user's own outings in question was last changed (epoch ms). */
export interface Previewed extends ImportPreview {
  /** Tags of outings that are here already, which are not among theirs yet. */
  readonly addedTags: number;
  readonly savedAt: ReadonlyMap<string, number>;
}

export interface BroughtIn {
  readonly outings: readonly Outing[];
  /** Puts everything back as it was before. */
  readonly undo: () => Promise<Saved<unknown>>;
}

/** What is mine, and the revisions at which the records beside the outings stand. */
async function readMine(repository: Repository) {
  const { outings } = await repository.listOutings();
  const reads = await readBeside(repository);
  const value = <N extends RecordName>(name: N): RecordOf[N] | undefined => {
    const read = reads[name];
    return read.ok ? (read.value as RecordOf[N]) : ONE_KINDS[name].begins;
  };
  const records = Object.fromEntries(namesOf(ONE_KINDS).map((name) => [name, value(name)]));
  const follows = Object.fromEntries(namesOf(ONE_KINDS).map((name) => [name, reads[name].revision]));
  return { mine: { ...records, outings } as unknown as Mine, follows, reads };
}

type BesideRead = Readonly<Record<RecordName, ReadAt<RecordOf[RecordName]>>>;

/** Every record beside the outings, as it is read. */
async function readBeside(repository: Repository): Promise<BesideRead> {
  const each = namesOf(ONE_KINDS).map(async (name) => [name, await repository.read(name)] as const);
  return Object.fromEntries(await Promise.all(each)) as BesideRead;
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
  // Of what is new all tags come along anyway.
  const here = found.rows.map(({ own }) => own?.id);
  const brought = openBeside().then((beside) => beside.tagsToBring(arrivingOf(file, here)));
  const addedTags = (await brought.catch(() => [])).length;
  return { ...found, savedAt, addedTags };
}

/** All of a file is taken in, or none of it, which is told; what is unreadable here is not written over. */
async function takeAll(file: FileContents, choices: ImportChoices): Promise<Saved<BroughtIn>> {
  const repository = await openRepository();
  const kit = file.outings[0]?.kit ?? file.kit;
  if (kit) {
    const begun = await repository.begin(async () => ({ kit, outings: [] }));
    if (!begun.ok) return begun;
  }
  const { mine, follows, reads } = await readMine(repository);
  const write = importWrite(file, mine, choices);
  const unreadable = whatCannotBeRead(reads, write);
  if (unreadable) return { ok: false, reason: "unreadable", faults: [unreadable] };
  const beside = await openBeside();
  const brought = await beside.bringing(arrivingOf(file, write.arrivesAs)).catch(failureOf);
  if ("ok" in brought) return { ok: false, reason: brought.reason };
  const saved = await repository.saveTogether({ ...write, follows }, brought.along);
  if (!saved.ok) return saved;
  const own = new Map(mine.outings.map((outing) => [outing.id, outing]));
  const isNew = ({ id }: Outing): boolean => !own.has(id);
  // What was changed since it was brought in stays as it is now.
  const undo = async (): Promise<Saved<unknown>> => {
    const { mine: now, follows: stand } = await readMine(repository);
    const records = {
      removed: saved.value.filter(isNew).map(({ id }) => id),
      outings: saved.value
        .filter((o) => !isNew(o))
        .map(({ id, revision }) => ({ ...own.get(id)!, revision })),
      ...besideBack(now, mine, write),
      follows: stand,
    };
    return repository.saveTogether(records, brought.takingAway(Date.now()));
  };
  return { ok: true, value: { outings: saved.value, undo } };
}

/** The records beside the outings without what was written to them; what was changed since stays. */
function besideBack(now: Mine, before: Mine, write: Partial<RecordOf>): Partial<RecordOf> {
  const back = namesOf(ONE_KINDS).flatMap((name) => {
    const [stands, was, brought] = [now[name], before[name], write[name]] as (object | undefined)[];
    return stands && was && brought ? [[name, takenBack(stands, was, brought)] as const] : [];
  });
  return Object.fromEntries(back) as Partial<RecordOf>;
}

/** What lies beside the outings of a file, each for the id under which it arrives. */
const arrivingOf = ({ outings }: FileContents, arrivesAs: readonly (string | undefined)[]): Arriving[] =>
  outings.flatMap(({ tagged, framed, picture }, i) => {
    const outingId = arrivesAs[i];
    return outingId === undefined
      ? []
      : [
          {
            outingId,
            ...(tagged && { tagged }),
            ...(framed && { framed }),
            ...(picture && { picture }),
          },
        ];
  });

/** A record of the user's that would be written over although it cannot be read. */
function whatCannotBeRead(reads: BesideRead, write: Partial<RecordOf>) {
  const bad = namesOf(ONE_KINDS)
    .filter((name) => write[name] !== undefined)
    .map((name) => reads[name])
    .find((read) => !read.ok && read.reason === "unreadable");
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
