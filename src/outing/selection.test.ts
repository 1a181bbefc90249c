import { demoOutings } from "../../demo";
import { windowOf } from "@/data";
import { editChoice, removePosition, removeShot } from "./edits";
import {
  beginSelection,
  fitSelection,
  minuteOf,
  recallSelection,
  rememberSelection,
  selectShot,
  type Selection,
} from "./selection";

const outing = demoOutings[0]!;
const times = windowOf(outing);
const begun = beginSelection(outing);

/** A tab's memory. */
function memory() {
  const items = new Map<string, string>();
  return {
    getItem: (key: string) => items.get(key) ?? null,
    setItem: (key: string, value: string) => void items.set(key, value),
  };
}

test("looking begins with the shot of the record, from the position that is planned for it", () => {
  expect(begun).toEqual({ shotId: "drag-flick", positionId: "b" });
  expect(selectShot(outing, begun, "keepers-save")).toEqual({ shotId: "keepers-save", positionId: "a" });
  expect(beginSelection({ ...outing, shotId: "gone" }).shotId).toBe("drag-flick");
});

test("what was deleted is not looked at: another shot, the planned position, or none", () => {
  expect(fitSelection(removeShot("drag-flick")(outing), begun).shotId).toBe("keepers-save");
  const aside: Selection = { ...begun, positionId: "c" };
  expect(fitSelection(outing, aside)).toBe(aside);
  expect(fitSelection(removePosition("c")(outing), aside).positionId).toBe("b");
  const unplanned = editChoice("drag-flick", { positionId: null })(outing);
  expect(fitSelection(removePosition("c")(unplanned), aside).positionId).toBeNull();
});

test("while the outing is on the minute is the device's, whole, unless another was chosen since it began", () => {
  const { from, until } = times;
  expect(minuteOf(begun, from + 90_500, times)).toEqual({ at: from + 60_000, live: true, on: true });
  const evening: Selection = { ...begun, minute: { at: until - 60_000, live: false } };
  expect(minuteOf(evening, from + 5, times)).toMatchObject({ live: true });
  const aside: Selection = { ...begun, minute: { at: until - 60_000, live: true } };
  expect(minuteOf(aside, from + 5, times)).toEqual({ at: until - 60_000, live: false, on: true });
});

test("before and after the outing it is the chosen minute, or the one that the record plans", () => {
  const { from, until, planned } = times;
  for (const now of [from - 1, until + 1]) {
    expect(minuteOf(begun, now, times)).toEqual({ at: planned, live: false, on: false });
    const chosen: Selection = { ...begun, minute: { at: from + 1, live: false } };
    expect(minuteOf(chosen, now, times).at).toBe(from + 1);
  }
});

test("a tab remembers what it looked at, but not a glance ahead while the outing is on", () => {
  const storage = memory();
  expect(recallSelection(storage, "a")).toBeUndefined();
  const planned: Selection = { shotId: "x", positionId: null, minute: { at: 5, live: false } };
  rememberSelection(storage, "a", planned);
  expect(recallSelection(storage, "a")).toEqual(planned);
  rememberSelection(storage, "a", { ...planned, minute: { at: 5, live: true } });
  expect(recallSelection(storage, "a")).toEqual({ shotId: "x", positionId: null });
  storage.setItem("bp/selection/a", "{ broken");
  expect(recallSelection(storage, "a")).toBeUndefined();
  const full = {
    setItem: () => {
      throw new Error("full");
    },
  };
  expect(() => rememberSelection(full, "a", planned)).not.toThrow();
});
