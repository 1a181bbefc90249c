import { createStore, type StoreApi } from "zustand/vanilla";
import type { Fault, Outing, SaveFailure } from "@/data";
import type { OutingChange } from "@/core/review";
import { createAssessments } from "@/outing/assessments";
import { changesBetween } from "@/outing/changes";
import { commit } from "@/outing/commit";
import { editChoice, type Edit } from "@/outing/edits";
import { createViews, type Looking, type OutingView } from "@/outing/outing-view";
import {
  beginSelection,
  fitSelection,
  recallSelection,
  rememberSelection,
  selectShot,
  type Selection,
} from "@/outing/selection";
import { createWriter, type OutingStorage, type Ways } from "@/outing/writer";

export interface OutingState extends Ways {
  readonly view: OutingView;
  /** Why what is on the screen is not kept; "removed" where the outing was deleted meanwhile. */
  readonly failure: SaveFailure | "removed" | undefined;
  /** Why the last change was not made, until it is read. */
  readonly refused: readonly Fault[] | undefined;
}

/**
 * `keep: false` shows a change while it is still going on, such as a drag. True once it is on the disk; false where it was
 * refused, could not be kept, or is still going on.
 */
export type ChangeOuting = (edit: Edit, options?: { readonly keep: boolean }) => Promise<boolean>;

/** Both sides of a conflict, each as what it did since they parted. */
export interface Conflict {
  readonly mine: readonly OutingChange[];
  readonly theirs: readonly OutingChange[];
}

/** An open outing: its state, and all that can be done to it or looked at in it. */
export interface OpenOuting {
  readonly store: StoreApi<OutingState>;
  readonly change: ChangeOuting;
  /** What was taken back or done again; nothing where there was none. */
  readonly undo: () => Promise<readonly OutingChange[] | undefined>;
  readonly redo: () => Promise<readonly OutingChange[] | undefined>;
  /** Takes over what changed about the outing: the kit, the preferences, the clock. */
  readonly receive: (news: Partial<Pick<Looking, "kit" | "preferences" | "library" | "now">>) => void;
  /** Looks whether the outing was written or removed elsewhere, and takes that over where nothing here would be lost. */
  readonly notice: () => Promise<void>;
  /** Tries once more to write what is on the screen. */
  readonly retry: () => void;
  readonly conflict: () => Promise<Conflict | undefined>;
  /** Writes what is on the screen over what was written elsewhere, which stays among the earlier states. */
  readonly keepMine: () => Promise<void>;
  /** Takes what was written elsewhere; what is on the screen becomes an earlier state where it can be written. */
  readonly takeTheirs: () => Promise<void>;
  /** The refusal was read. */
  readonly accept: () => void;
  readonly takeShot: (shotId: string) => void;
  /** Looks from a position; a shot that has none yet is planned from there. */
  readonly standAt: (positionId: string) => void;
  /** Looks at another minute; `done` remembers it, which a drag does at its end alone. */
  readonly lookAt: (at: number, done: boolean) => void;
  readonly backToNow: () => void;
}

interface Begin extends Omit<Looking, "selection"> {
  /** What an earlier page of this tab could not keep. */
  readonly left?: Outing;
  readonly storage: OutingStorage;
  /** Called with the outing as the storage holds it, after every write and every reading. */
  readonly onStored: (stored: Awaited<ReturnType<OutingStorage["read"]>>) => void;
  /** Called with what is on the screen alone, and with nothing once all of it is kept. */
  readonly onUnsaved: (outing: Outing | undefined) => void;
}

/**
 * The state of an open outing. A kept change passes the schema before it is shown as kept; what the schema refuses is
 * taken back to the last state that it did not, and said. A failed write leaves the screen as it is, and what is on it
 * outlives the page. Looking goes into the tab's memory, never into the record.
 */
export function openOuting({ storage, onStored, onUnsaved, left, ...begin }: Begin): OpenOuting {
  const { id, revision } = begin.outing;
  const viewOf = createViews(createAssessments());
  let sound = left ?? begin.outing;
  /** As it stands in the storage, so that a write names all that it keeps. */
  let stored = begin.outing;
  const selection = fitSelection(sound, recallSelection(sessionStorage, id) ?? beginSelection(sound));
  const store = createStore<OutingState>(() => ({
    view: viewOf({ ...begin, outing: sound, selection }),
    failure: left && left.revision !== revision ? "overtaken" : undefined,
    refused: undefined,
    undo: undefined,
    redo: undefined,
  }));
  const view = (): OutingView => store.getState().view;
  const look = (news: Partial<Looking>): void => {
    const { outing, kit, preferences, library, selection, now } = view();
    const next = { outing, kit, preferences, library, selection, now, ...news };
    store.setState({ view: viewOf({ ...next, selection: fitSelection(next.outing, next.selection) }) });
  };
  const select = (selection: Selection): void => {
    look({ selection });
    rememberSelection(sessionStorage, id, view().selection);
  };
  const show = (outing: Outing): void => {
    sound = outing;
    look({ outing });
  };
  const writer = createWriter({
    id,
    revision: sound.revision,
    storage,
    onKept: (kept, taken) => {
      stored = kept;
      sound = taken ? kept : { ...sound, revision: kept.revision };
      look({ outing: taken ? kept : { ...view().outing, revision: kept.revision } });
      store.setState({ failure: undefined });
      onStored({ ok: true, value: kept });
      if (!writer.isAwaited()) onUnsaved(undefined);
    },
    onFailed: (failure) => {
      store.setState({ failure });
      onUnsaved({ ...sound, revision: writer.revision() });
    },
    onWays: (ways) => store.setState(ways),
  });
  void writer.follow(sound.revision);
  const write = (outing: Outing, since: Outing): Promise<boolean> => {
    onUnsaved({ ...outing, revision: writer.revision() });
    return writer.write(outing, changesBetween(since, outing));
  };
  // A write that the end of an earlier page cut off is tried again; the user hears of it where it fails again.
  if (left && left.revision === revision) void write(left, begin.outing);
  const change: ChangeOuting = async (edit, { keep } = { keep: true }) => {
    const { outing } = view();
    if (!keep) {
      look({ outing: edit(outing) });
      return false;
    }
    const next = commit(outing, edit);
    if (!next.ok) {
      look({ outing: { ...sound, revision: outing.revision } });
      store.setState({ refused: next.faults });
      return false;
    }
    const since = sound;
    show(next.value);
    store.setState({ refused: undefined });
    return write(next.value, since);
  };
  return {
    store,
    change,
    ...reconciling({ id, store, storage, writer, show, write, onStored, onUnsaved }),
    undo: () => writer.step("undo"),
    redo: () => writer.step("redo"),
    receive: look,
    retry: () => void write(view().outing, stored),
    accept: () => store.setState({ refused: undefined }),
    ...looking({ view, select, look, change }),
  };
}

interface LookingParts {
  readonly view: () => OutingView;
  readonly select: (selection: Selection) => void;
  readonly look: (news: Partial<Looking>) => void;
  readonly change: ChangeOuting;
}

/** What of an open outing is looked at: a matter of the tab, but for the first position of a shot. */
const looking = ({
  view,
  select,
  look,
  change,
}: LookingParts): Pick<OpenOuting, "takeShot" | "standAt" | "lookAt" | "backToNow"> => ({
  takeShot: (shotId) => select(selectShot(view().outing, view().selection, shotId)),
  standAt: (positionId) => {
    const { choice, selection } = view();
    if (choice.positionId === null) void change(editChoice(choice.shotId, { positionId }));
    select({ ...selection, positionId });
  },
  lookAt: (at, done) => {
    const next = { ...view().selection, minute: { at, live: view().on } };
    if (done) select(next);
    else look({ selection: next });
  },
  backToNow: () => select({ ...view().selection, minute: undefined }),
});

interface Parts extends Pick<Begin, "storage" | "onStored" | "onUnsaved"> {
  readonly id: string;
  readonly store: StoreApi<OutingState>;
  readonly writer: ReturnType<typeof createWriter>;
  readonly show: (outing: Outing) => void;
  readonly write: (outing: Outing, since: Outing) => Promise<boolean>;
}

/** What an open outing does about the other tabs. */
function reconciling({
  id,
  store,
  storage,
  writer,
  show,
  write,
  onStored,
  onUnsaved,
}: Parts): Pick<OpenOuting, "notice" | "conflict" | "keepMine" | "takeTheirs"> {
  const mine = (): Outing => store.getState().view.outing;
  const takeOver = async (theirs: Outing): Promise<void> => {
    show(theirs);
    store.setState({ failure: undefined, refused: undefined });
    onStored({ ok: true, value: theirs });
    onUnsaved(undefined);
    await writer.follow(theirs.revision);
  };
  return {
    notice: async () => {
      if (writer.isBusy()) return;
      const stored = await storage.read(id);
      if (writer.isBusy() || store.getState().failure) return;
      if (!stored.ok) {
        if (stored.reason === "missing") store.setState({ failure: "removed" });
        return;
      }
      if (stored.value.revision > writer.revision()) await takeOver(stored.value);
    },
    conflict: async () => {
      const [base, theirs] = await Promise.all([storage.at(id, writer.revision()), storage.read(id)]);
      if (!base.ok || !theirs.ok) return undefined;
      return {
        mine: changesBetween(base.value, mine()),
        theirs: changesBetween(base.value, theirs.value),
      };
    },
    keepMine: async () => {
      const theirs = await storage.read(id);
      await writer.follow(theirs.ok ? theirs.value.revision : 0);
      await write(mine(), theirs.ok ? theirs.value : mine());
    },
    takeTheirs: async () => {
      const theirs = await storage.read(id);
      if (!theirs.ok) return onStored(theirs);
      const left = mine();
      await writer.follow(theirs.value.revision);
      await writer.write(left, changesBetween(theirs.value, left));
      await writer.write(theirs.value, changesBetween(left, theirs.value));
      await takeOver({ ...theirs.value, revision: writer.revision() });
    },
  };
}
