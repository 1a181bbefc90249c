import { createStore, type StoreApi } from "zustand/vanilla";
import type { Fault, Outing, Repository, SaveFailure, Saved } from "@/data";
import { createAssessments } from "@/outing/assessments";
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

export interface OutingState {
  readonly view: OutingView;
  readonly failure: SaveFailure | undefined;
  /** Why the last change was not made, until it is read. */
  readonly refused: readonly Fault[] | undefined;
}

/** `keep: false` shows a change while it is still going on, such as a drag. */
export type ChangeOuting = (edit: Edit, options?: { readonly keep: boolean }) => void;

/** An open outing: its state, and all that can be done to it or looked at in it. */
export interface OpenOuting {
  readonly store: StoreApi<OutingState>;
  readonly change: ChangeOuting;
  /** Takes over what changed about the outing: the kit, the preferences, the clock. */
  readonly receive: (news: Partial<Pick<Looking, "kit" | "preferences" | "now">>) => void;
  /** Tries once more to write what is on the screen. */
  readonly retry: () => void;
  /** Takes the stored outing in place of what is on the screen. */
  readonly reload: () => Promise<void>;
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
  readonly storage: {
    readonly save: (outing: Outing) => Promise<Saved<Outing>>;
    readonly read: (id: string) => ReturnType<Repository["readOuting"]>;
  };
  /** Called with the outing as the storage holds it, after every write and every reading. */
  readonly onStored: (stored: Awaited<ReturnType<Repository["readOuting"]>>) => void;
}

/**
 * The state of an open outing. A kept change passes the schema before it is shown as kept; what the schema refuses is
 * taken back to the last state that it did not, and said. Writes follow one another, each with the revision that the
 * storage holds; a failed one leaves the screen as it is. Looking goes into the tab's memory, never into the record.
 */
export function openOuting({ storage, onStored, ...begin }: Begin): OpenOuting {
  const { id } = begin.outing;
  const viewOf = createViews(createAssessments());
  const remembered = recallSelection(sessionStorage, id);
  const selection = fitSelection(begin.outing, remembered ?? beginSelection(begin.outing));
  const store = createStore<OutingState>(() => ({
    view: viewOf({ ...begin, selection }),
    failure: undefined,
    refused: undefined,
  }));
  let sound = begin.outing;
  let { revision } = begin.outing;
  let written: Promise<void> = Promise.resolve();
  const view = (): OutingView => store.getState().view;
  const look = (news: Partial<Looking>): void => {
    const { outing, kit, preferences, selection, now } = view();
    const next = { outing, kit, preferences, selection, now, ...news };
    store.setState({ view: viewOf({ ...next, selection: fitSelection(next.outing, next.selection) }) });
  };
  const select = (selection: Selection): void => {
    look({ selection });
    rememberSelection(sessionStorage, id, view().selection);
  };
  const writeNext = async (outing: Outing): Promise<void> => {
    const saved = await storage
      .save({ ...outing, revision })
      .catch(() => ({ ok: false, reason: "storage-failed" }) as const);
    store.setState({ failure: saved.ok ? undefined : saved.reason });
    if (!saved.ok) return;
    ({ revision } = saved.value);
    sound = { ...sound, revision };
    look({ outing: { ...view().outing, revision } });
    onStored({ ok: true, value: saved.value });
  };
  const write = (outing: Outing): void => {
    written = written.then(() => writeNext(outing));
  };
  const change: ChangeOuting = (edit, { keep } = { keep: true }) => {
    const { outing } = view();
    if (!keep) return look({ outing: edit(outing) });
    const next = commit(outing, edit);
    if (!next.ok) {
      look({ outing: { ...sound, revision: outing.revision } });
      return store.setState({ refused: next.faults });
    }
    sound = next.value;
    look({ outing: next.value });
    store.setState({ refused: undefined });
    write(next.value);
  };
  return {
    store,
    change,
    receive: look,
    retry: () => write(view().outing),
    reload: async () => {
      const stored = await storage.read(id);
      onStored(stored);
      if (!stored.ok) return;
      sound = stored.value;
      ({ revision } = stored.value);
      look({ outing: stored.value });
      store.setState({ failure: undefined, refused: undefined });
    },
    accept: () => store.setState({ refused: undefined }),
    takeShot: (shotId) => select(selectShot(view().outing, view().selection, shotId)),
    standAt: (positionId) => {
      const { choice, selection } = view();
      if (choice.positionId === null) change(editChoice(choice.shotId, { positionId }));
      select({ ...selection, positionId });
    },
    lookAt: (at, done) => {
      const next = { ...view().selection, minute: { at, live: view().on } };
      if (done) select(next);
      else look({ selection: next });
    },
    backToNow: () => select({ ...view().selection, minute: undefined }),
  };
}
