import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, type Outing } from "@/data";
import { editChoice, editOuting, movePosition, setCloud } from "@/outing/edits";
import { openOuting } from "./outing-store";

const outing = demoOutings[0]!;

/** An open outing over a storage that keeps the last write, or refuses as it is told. */
function opened(refuse?: "overtaken" | "throws") {
  const writes: Outing[] = [];
  const told: unknown[] = [];
  const open = openOuting({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    now: 0,
    storage: {
      save: (next) => {
        writes.push(next);
        if (refuse === "throws") return Promise.reject(new Error("full"));
        if (refuse) return Promise.resolve({ ok: false, reason: refuse });
        return Promise.resolve({ ok: true, value: { ...next, revision: next.revision + 1 } });
      },
      read: () => Promise.resolve({ ok: true, value: { ...outing, notes: "theirs", revision: 9 } }),
    },
    onStored: (stored) => told.push(stored),
  });
  return { ...open, writes, told, view: () => open.store.getState().view };
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
  "a write that is refused (%s) leaves the screen and is said; reload takes theirs",
  async (how) => {
    const { change, view, store, reload } = opened(how);
    change(editOuting({ notes: "mine" }));
    await settled();
    expect(store.getState().failure).toBe(how === "throws" ? "storage-failed" : "overtaken");
    expect(view().outing.notes).toBe("mine");
    await reload();
    expect([view().outing.notes, store.getState().failure]).toEqual(["theirs", undefined]);
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
