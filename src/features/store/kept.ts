import { useQuery, useQueryClient, type QueryClient } from "@tanstack/react-query";
import type { RecordChange } from "@/core/review";
import {
  changesOfRecord,
  EMPTY_LIBRARY,
  mergeRecords,
  namesOf,
  notedIn,
  ONE_KINDS,
  stepFrom,
  takenBack,
  type Note,
  type Library,
  type Read,
  type RecordName,
  type RecordOf,
  type SaveFailure,
  type Saved,
  type State,
  type Way,
} from "@/data";
import { openRepository } from "./open-repository";
import { forgetPending, recallPending, rememberPending, type Pending } from "./pending";
import { noteNotKept, useUnsaved } from "./unsaved";

type Kept<N extends RecordName> = RecordOf[N] & { readonly version: number };

/** A change on top of what is stored: thing by thing, so that what another tab wrote stays. */
const onTopOf = <T extends object>({ before, next }: Pending<T>, stored: Read<T>): T =>
  stored.ok && before ? mergeRecords(before, next, stored.value) : next;

/** What the screens show: the stored record with the change that is not on the disk yet. */
async function readShown<N extends RecordName>(name: N): Promise<Read<RecordOf[N]>> {
  const stored = await (await openRepository()).read(name);
  const pending = recallPending<Kept<N>>(name);
  if (!pending || (stored.ok && stored.value.version !== pending.next.version)) return stored;
  return { ok: true, value: onTopOf<RecordOf[N]>(pending, stored) };
}

export const keptQuery = <N extends RecordName>(name: N) => ({
  queryKey: [name],
  queryFn: () => readShown(name),
});

export const useKept = <N extends RecordName>(name: N) => useQuery(keptQuery(name));

/** Tries after which a record that others keep changing is left to the user. */
const TRIES = 5;

/**
 * What cannot be read is never written over. The first change is made on a state that is written before it: what ships, or
 * what an older version kept.
 */
async function write<N extends RecordName>(
  name: N,
  pending: Pending<RecordOf[N]>,
): Promise<Saved<RecordOf[N]>> {
  const repository = await openRepository();
  for (let tries = 1; ; tries++) {
    const stored = await repository.read(name);
    if (!stored.ok && stored.reason === "unreadable") return { ok: false, reason: "unreadable" };
    const next = onTopOf<RecordOf[N]>(pending, stored);
    let follows = stored.revision;
    if (stored.ok && (await repository.statesOfRecord(name)).length === 0) {
      const first = await repository.save(name, stored.value, follows, {});
      if (first.ok) follows++;
    }
    const standing = (await repository.statesOfRecord(name)).find((s) => s.revision === follows);
    const note: Note = pending.note ?? {
      change: JSON.stringify(stored.ok ? changesOfRecord<RecordOf[N]>(stored.value, next) : []),
      ...(standing && !standing.removed ? { undoTo: standing.revision } : {}),
    };
    const saved = await repository.save(name, next, follows, note);
    if (saved.ok || saved.reason !== "overtaken" || tries === TRIES) return saved;
  }
}

const turns = new Map<RecordName, Promise<unknown>>();

/** Puts on the disk what is not there yet of a record, one write after the other; gives back why it could not. */
function keep(client: QueryClient, name: RecordName): Promise<SaveFailure | undefined> {
  const turn = async (): Promise<SaveFailure | undefined> => {
    const pending = recallPending<RecordOf[typeof name]>(name);
    if (!pending) return undefined;
    const saved = await write(name, pending).catch(() => ({ ok: false, reason: "storage-failed" }) as const);
    const following = recallPending<RecordOf[typeof name]>(name);
    if (saved.ok && following === pending) {
      forgetPending(name);
      client.setQueryData([name], saved);
      if (name === "library") await carried(pending.before as Library | undefined, saved.value as Library);
    } else if (saved.ok && following) rememberPending(name, { ...following, before: pending.next });
    noteNotKept(name, saved.ok ? undefined : saved.reason);
    return saved.ok ? undefined : saved.reason;
  };
  const next = (turns.get(name) ?? Promise.resolve()).then(turn);
  turns.set(name, next);
  return next;
}

/** What is changed in the library acts in the outings: the code for it comes with the first change. */
const carried = async (before: Library = EMPTY_LIBRARY, after: Library): Promise<void> =>
  (await import("./carry-library")).carryLibrary(before, after);

/** Changes that wait for what is stored before they can be made. */
const beginning = new Set<Promise<unknown>>();

/** A change that has first to read what is stored counts as under way from the press on. */
function fromThePress<T>(change: Promise<T>): Promise<T> {
  beginning.add(change);
  void change.catch(() => undefined).then(() => beginning.delete(change));
  return change;
}

/** Once what is under way to the disk of kit, library and preferences has come there, or could not. */
export async function settled(): Promise<void> {
  await Promise.allSettled(beginning);
  await Promise.all(turns.values());
}

/** Tries again what an earlier page of this tab could not keep. */
export function resumePending(client: QueryClient): void {
  for (const name of namesOf(ONE_KINDS)) if (recallPending(name)) void keep(client, name);
}

export interface KeptChange<T> {
  /** Shown at once; true when it is on the disk. What could not be kept stays on the screen. */
  readonly change: (next: T) => Promise<boolean>;
  /** Takes back what a change did; what was changed since stays. */
  readonly takeBack: (before: T, after: T) => void;
  readonly failure: SaveFailure | undefined;
  readonly retry: () => void;
  /** Takes back what could not be kept. */
  readonly drop: () => void;
}

export function useKeptChange<N extends RecordName>(name: N): KeptChange<RecordOf[N]> {
  const client = useQueryClient();
  const failure = useUnsaved((s) => s.records.get(name));
  return {
    failure,
    change: (next) => changeTo(client, name, next),
    takeBack: (before, after) => {
      const shown = client.getQueryData<Read<RecordOf[N]>>([name]);
      if (shown?.ok) void changeTo(client, name, takenBack<RecordOf[N]>(shown.value, before, after));
    },
    retry: () => void keep(client, name),
    drop: () => {
      forgetPending(name);
      noteNotKept(name, undefined);
      void client.invalidateQueries({ queryKey: [name] });
    },
  };
}

/**
 * Changes a record once what is stored is known, so that a press in the first moment neither gets lost nor writes over it. False where it
 * could not be kept, or cannot be read.
 */
export function useEditKept<N extends RecordName>(
  name: N,
): (edit: (now: RecordOf[N]) => RecordOf[N]) => Promise<boolean> {
  const client = useQueryClient();
  const { change } = useKeptChange(name);
  const edited = async (edit: (now: RecordOf[N]) => RecordOf[N]): Promise<boolean> => {
    const stored = await client.ensureQueryData(keptQuery(name));
    const shown = client.getQueryData<typeof stored>([name]) ?? stored;
    const now = shown.ok ? shown.value : (ONE_KINDS[name].begins as RecordOf[N] | undefined);
    return now !== undefined && change(edit(now));
  };
  return (edit) => fromThePress(edited(edit));
}

async function changeTo<N extends RecordName>(
  client: QueryClient,
  name: N,
  next: RecordOf[N],
  note?: Note,
): Promise<boolean> {
  const shown = client.getQueryData<Read<RecordOf[N]>>([name]);
  const waiting = recallPending<RecordOf[N]>(name);
  const before = waiting ? waiting.before : shown?.ok ? shown.value : undefined;
  rememberPending(name, { before, next, note: waiting ? undefined : note });
  client.setQueryData([name], { ok: true, value: next });
  return (await keep(client, name)) === undefined;
}

/** The kept states of a record, with what an undo would take back and a redo do again. */
export interface KeptHistory {
  readonly states: readonly State[];
  readonly undo: readonly RecordChange[] | undefined;
  readonly redo: readonly RecordChange[] | undefined;
  readonly step: (way: Way) => Promise<void>;
  readonly at: (revision: number) => Promise<Read<RecordOf[RecordName]>>;
}

export function useKeptHistory<N extends RecordName>(name: N): KeptHistory {
  const client = useQueryClient();
  const { data: states = [] } = useQuery({
    queryKey: [name, "states"],
    queryFn: async () => (await openRepository()).statesOfRecord(name),
  });
  const [standing] = states;
  const changesAt = (revision: number | undefined): RecordChange[] | undefined =>
    revision === undefined ? undefined : notedIn(states.find((s) => s.revision === revision));
  return {
    states,
    undo: standing?.undoTo === undefined ? undefined : notedIn(standing),
    redo: changesAt(standing?.redoTo),
    at: async (revision) => (await openRepository()).recordAt(name, revision),
    step: async (way) => {
      const step = standing && !recallPending(name) && stepFrom(standing, states, way);
      if (!step) return;
      const found = await (await openRepository()).recordAt(name, step.to);
      if (found.ok) await changeTo(client, name, found.value, step.note);
    },
  };
}
