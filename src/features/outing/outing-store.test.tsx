import { waitFor } from "@testing-library/react";
import { demoKit, demoOutings } from "../../../demo";
import { createRepository, DEFAULT_PREFERENCES, EMPTY_LIBRARY, type Outing, type Repository } from "@/data";
import { freshStore } from "@/data/store/for-tests";
import { changesWords } from "@/words";
import { editChoice, editOuting, movePosition, setCloud } from "@/outing/edits";
import { openOuting, type OutingState } from "./outing-store";

const outing = demoOutings[0]!;

/** An open outing over a storage that keeps the last write, or refuses as it is told. */
function opened(refuse?: "overtaken" | "throws") {
  const writes: Outing[] = [];
  const told: unknown[] = [];
  const unsaved: string[] = [];
  const open = openOuting({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    now: 0,
    storage: {
      save: (next) => {
        writes.push(next);
        if (refuse === "throws") return Promise.reject(new Error("full"));
        if (refuse) return Promise.resolve({ ok: false, reason: refuse });
        return Promise.resolve({ ok: true, value: { ...next, revision: next.revision + 1 } });
      },
      read: () => Promise.resolve({ ok: true, value: { ...outing, notes: "theirs", revision: 9 } }),
      states: () => Promise.resolve([]),
      at: () => Promise.resolve({ ok: true, value: outing }),
    },
    onStored: (stored) => told.push(stored),
    onUnsaved: (left) => unsaved.push(left?.notes ?? "nothing"),
  });
  return { ...open, writes, told, unsaved, view: () => open.store.getState().view };
}

const settled = () => new Promise((done) => setTimeout(done));

beforeEach(() => sessionStorage.clear());

test("writes follow one another, each with the revision that the storage holds", async () => {
  const { change, writes, view, told } = opened();
  change(setCloud(3));
  change(setCloud(8));
  expect(view().outing.light.cloudEighths).toBe(8);
  await settled();
  expect(writes.map((w) => [w.light.cloudEighths, w.revision])).toEqual([
    [3, outing.revision],
    [8, outing.revision + 1],
  ]);
  expect([view().outing.revision, told.length]).toEqual([outing.revision + 2, 2]);
});

test("a drag shows and is not written; its end is, and what the schema refuses goes back to what was sound", async () => {
  const { change, writes, view, store, accept } = opened();
  change(movePosition("b", { at: { x: 1e7, y: 0 } }), { keep: false });
  expect(view().position!.at.x).toBe(1e7);
  change(movePosition("b", { at: { x: 1e7, y: 0 } }));
  expect(store.getState().refused![0]!.path).toBe("ground.positions.1.at.x");
  expect(view().outing.ground).toBe(outing.ground);
  accept();
  expect(store.getState().refused).toBeUndefined();
  await settled();
  expect(writes).toEqual([]);
});

test.each(["overtaken", "throws"] as const)(
  "a write that is refused (%s) leaves the screen, is said, and is remembered until it is kept",
  async (how) => {
    const { change, view, store, unsaved, conflict } = opened(how);
    change(editOuting({ notes: "mine" }));
    await settled();
    expect(store.getState().failure).toBe(how === "throws" ? "storage-failed" : "overtaken");
    expect(view().outing.notes).toBe("mine");
    expect(unsaved).toEqual(["mine", "mine"]);
    const notes = { code: "part", part: "notes" };
    expect(await conflict()).toEqual({ mine: [notes], theirs: [notes] });
  },
);

test("looking writes nothing; a shot without a position is planned from where one stands", async () => {
  const { standAt, takeShot, lookAt, view, writes } = opened();
  standAt("c");
  lookAt(view().at + 60_000, true);
  await settled();
  expect([writes.length, view().position!.id, view().choice.positionId]).toEqual([0, "c", "b"]);
  takeShot("coach-after-a-goal");
  expect(view().position).toBeUndefined();
  standAt("a");
  await settled();
  expect(writes.at(-1)!.choices.at(-1)).toMatchObject({ shotId: "coach-after-a-goal", positionId: "a" });
});

test("a tab that is opened again looks at what it looked at, as far as it is still there", () => {
  const first = opened();
  first.takeShot("keepers-save");
  first.standAt("c");
  expect(opened().view()).toMatchObject({ shot: { id: "keepers-save" }, position: { id: "c" } });
  first.change(editChoice("keepers-save", { positionId: null }));
  expect(first.view().position!.id).toBe("c");
});

/** Tabs that have the same outing open over one real store. */
async function tabs() {
  const repository = createRepository(await freshStore());
  await repository.saveOuting({ ...outing, revision: 0 });
  return { repository, open: async (left?: Outing) => openOver(repository, left) };
}

async function openOver(repository: Repository, left?: Outing) {
  const stored = await repository.readOuting(outing.id);
  if (!stored.ok) throw new Error(stored.reason);
  const unsaved: (Outing | undefined)[] = [];
  const open = openOuting({
    outing: stored.value,
    left,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    now: 0,
    storage: {
      save: repository.saveOuting,
      read: repository.readOuting,
      states: repository.statesOfOuting,
      at: repository.outingAt,
    },
    onStored: () => undefined,
    onUnsaved: (kept) => unsaved.push(kept),
  });
  return {
    ...open,
    unsaved,
    notes: () => open.store.getState().view.outing.notes,
    state: open.store.getState,
  };
}

const becomes = (read: () => unknown, value: unknown) => waitFor(() => expect(read()).toEqual(value));
const undone = (tab: { state: () => OutingState }) => () =>
  tab.state().undo && changesWords(tab.state().undo!);
const redone = (tab: { state: () => OutingState }) => () =>
  tab.state().redo && changesWords(tab.state().redo!);

test("a change could not be taken back: it is undone and done again, by name, also after a reload", async () => {
  const { repository, open } = await tabs();
  const first = await open();
  expect([first.state().undo, first.state().redo]).toEqual([undefined, undefined]);
  for (const notes of ["one", "two"]) expect(await first.change(editOuting({ notes }))).toBe(true);
  await first.change(setCloud(8));
  await becomes(undone(first), "Light changed");
  first.undo();
  await becomes(redone(first), "Light changed");
  const again = await open();
  await becomes(redone(again), "Light changed");
  await becomes(undone(again), "Notes changed");
  again.undo();
  await becomes(again.notes, "one");
  await becomes(undone(again), "Notes changed");
  again.undo();
  await becomes(again.notes, outing.notes);
  await becomes(undone(again), undefined);
  for (const notes of ["one", "two"]) {
    again.redo();
    await becomes(again.notes, notes);
  }
  await becomes(redone(again), "Light changed");
  again.redo();
  await becomes(redone(again), undefined);
  expect(again.state().view.outing.light.cloudEighths).toBe(8);
  expect(await repository.readOuting(outing.id)).toMatchObject({ value: { light: { cloudEighths: 8 } } });
});

test("an undo pressed while a change was being written was dropped and yet told as done: it takes that change back", async () => {
  const { open } = await tabs();
  const tab = await open();
  await tab.change(editOuting({ notes: "one" }));
  const writing = tab.change(setCloud(8));
  const undone = await tab.undo();
  expect(await writing).toBe(true);
  expect(undone && changesWords(undone)).toBe("Light changed");
  expect([tab.notes(), tab.state().view.outing.light.cloudEighths]).toEqual([
    "one",
    outing.light.cloudEighths,
  ]);
});

test("an undo after a write that failed takes nothing back", async () => {
  const { open } = await tabs();
  const [mine, theirs] = [await open(), await open()];
  await theirs.change(editOuting({ notes: "theirs" }));
  await mine.change(editOuting({ notes: "mine" }));
  expect(await mine.undo()).toBeUndefined();
  expect(mine.notes()).toBe("mine");
});

test("a new change after an undo ends what could be done again", async () => {
  const { open } = await tabs();
  const tab = await open();
  await tab.change(editOuting({ notes: "one" }));
  await becomes(undone(tab), "Notes changed");
  tab.undo();
  await becomes(redone(tab), "Notes changed");
  await tab.change(editOuting({ notes: "other" }));
  await becomes(redone(tab), undefined);
  expect(tab.notes()).toBe("other");
});

test.each(["mine", "theirs"] as const)(
  "of two tabs one lost its change: both sides are shown, %s is taken, and the other is a step back",
  async (taken) => {
    const { open } = await tabs();
    const [mine, theirs] = [await open(), await open()];
    await theirs.change(editOuting({ notes: "theirs" }));
    expect(await mine.change(editOuting({ notes: "mine" }))).toBe(false);
    expect(mine.state().failure).toBe("overtaken");
    expect(mine.unsaved.at(-1)!.notes).toBe("mine");
    await (taken === "mine" ? mine.keepMine() : mine.takeTheirs());
    await becomes(mine.notes, taken);
    await becomes(() => [mine.state().failure, mine.unsaved.at(-1)], [undefined, undefined]);
    await becomes(undone(mine), "Notes changed");
    mine.undo();
    await becomes(mine.notes, taken === "mine" ? "theirs" : "mine");
  },
);

test("a change in one tab did not show in the other; what is not kept here is never covered by it", async () => {
  const { open } = await tabs();
  const [here, there] = [await open(), await open()];
  await there.change(editOuting({ notes: "there" }));
  await here.notice();
  expect(here.notes()).toBe("there");
  await there.change(editOuting({ notes: "again" }));
  await here.change(editOuting({ notes: "here" }));
  await here.notice();
  expect([here.notes(), here.state().failure]).toEqual(["here", "overtaken"]);
});

test("an outing that was deleted elsewhere while it was open is kept again as it is on the screen", async () => {
  const { repository, open } = await tabs();
  const tab = await open();
  await repository.removeOuting(outing.id);
  await tab.notice();
  expect(tab.state().failure).toBe("removed");
  await tab.keepMine();
  expect(tab.state().failure).toBeUndefined();
  expect(await repository.readOuting(outing.id)).toMatchObject({ ok: true, value: { name: outing.name } });
});

test("what an earlier page could not keep was gone after a reload", async () => {
  const { repository, open } = await tabs();
  const left = { ...outing, revision: 1, notes: "left" };
  const tab = await open(left);
  expect([tab.notes(), tab.state().failure]).toEqual(["left", undefined]);
  await waitFor(async () =>
    expect(await repository.readOuting(outing.id)).toMatchObject({ value: { notes: "left", revision: 2 } }),
  );
  await becomes(() => tab.unsaved.at(-1), undefined);
  const late = await open({ ...left, notes: "late" });
  expect(late.state().failure).toBe("overtaken");
});
