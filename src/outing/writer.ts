import {
  notedIn,
  stepFrom,
  type Note,
  type Outing,
  type Repository,
  type SaveFailure,
  type Saved,
  type State,
  type Way,
} from "@/data";
import type { OutingChange } from "@/core/review";

/** What an open outing needs of the repository. */
export interface OutingStorage {
  save(outing: Outing, note?: Note): Promise<Saved<Outing>>;
  read(id: string): ReturnType<Repository["readOuting"]>;
  states(id: string): Promise<readonly State[]>;
  at(id: string, revision: number): ReturnType<Repository["outingAt"]>;
}

/** What an undo would take back, and a redo would do again; nothing where there is none. */
export interface Ways {
  readonly undo: readonly OutingChange[] | undefined;
  readonly redo: readonly OutingChange[] | undefined;
}

interface Options {
  readonly id: string;
  /** Of the outing as it was read. */
  readonly revision: number;
  readonly storage: OutingStorage;
  /** An outing is kept; `taken` where it comes from an earlier state and not from the screen. */
  readonly onKept: (kept: Outing, taken: boolean) => void;
  readonly onFailed: (reason: SaveFailure) => void;
  readonly onWays: (ways: Ways) => void;
}

export interface Writer {
  /** True once the outing is on the disk, false where it could not be kept. */
  write(outing: Outing, changes: readonly OutingChange[]): Promise<boolean>;
  /**
   * Takes back what was done last, or does again what was taken back, after all that waits to be written; says what that
   * was, nothing where there is none or where the last write failed.
   */
  step(way: Way): Promise<readonly OutingChange[] | undefined>;
  /** Follows another state than before: that of another tab, or one that was read anew. */
  follow(revision: number): Promise<void>;
  /** The revision that the next write follows. */
  revision(): number;
  /** Whether a write is under way or waits. */
  isBusy(): boolean;
  /** Whether another write waits behind the one that has just been kept. */
  isAwaited(): boolean;
}

type Standing = Pick<State, "revision" | "change" | "undoTo" | "redoTo">;

/** Writes an outing state after state, each with where an undo and a redo of it lead. Writes follow one another. */
export function createWriter({ id, storage, onKept, onFailed, onWays, ...begin }: Options): Writer {
  let standing: Standing = { revision: begin.revision };
  let waiting = 0;
  let lastKept = true;
  let last: Promise<void> = Promise.resolve();
  const queue = (work: () => Promise<void>): Promise<void> => {
    waiting++;
    last = last
      .then(work)
      .catch(() => {
        lastKept = false;
        onFailed("storage-failed");
      })
      .finally(() => void waiting--);
    return last;
  };
  const tell = async (): Promise<void> => {
    const { undoTo, redoTo } = standing;
    const states = redoTo === undefined ? [] : await storage.states(id);
    const again = states.find((s) => s.revision === redoTo);
    onWays({ undo: undoTo === undefined ? undefined : notedIn(standing), redo: again && notedIn(again) });
  };
  const keep = async (outing: Outing, note: Note, taken: boolean): Promise<boolean> => {
    const saved = await storage.save({ ...outing, revision: standing.revision }, note);
    lastKept = saved.ok;
    if (!saved.ok) {
      onFailed(saved.reason);
      return false;
    }
    standing = { revision: saved.value.revision, ...note };
    onKept(saved.value, taken);
    void tell().catch(() => onWays({ undo: undefined, redo: undefined }));
    return true;
  };
  const noteOf = (changes: readonly OutingChange[]): Note => ({
    change: JSON.stringify(changes),
    ...(standing.revision > 0 ? { undoTo: standing.revision } : {}),
  });
  return {
    write: async (outing, changes) => {
      let isKept = false;
      await queue(async () => {
        isKept = await keep(outing, noteOf(changes), false);
      });
      return isKept;
    },
    step: async (way) => {
      let stepped: readonly OutingChange[] | undefined;
      await queue(async () => {
        // Over what could not be kept, a step would lose it.
        if (!lastKept) return;
        const states = await storage.states(id);
        const step = stepFrom(standing, states, way);
        if (!step) return;
        const found = await storage.at(id, step.to);
        if (!found.ok) return onWays({ undo: undefined, redo: undefined });
        const what = notedIn<OutingChange>(way === "undo" ? standing : step.note);
        if (await keep(found.value, step.note, true)) stepped = what;
      });
      return stepped;
    },
    follow: (revision) =>
      queue(async () => {
        const states = await storage.states(id).catch(() => []);
        standing = states.find((s) => s.revision === revision) ?? { revision };
        lastKept = true;
        await tell();
      }),
    revision: () => standing.revision,
    isBusy: () => waiting > 0,
    isAwaited: () => waiting > 1,
  };
}
