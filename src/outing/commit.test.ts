import { demoOutings } from "../../demo";
import { freeId, outingSchema, type Outing } from "@/data";
import { commit } from "./commit";
import { addPosition, addSpot, editOuting, movePosition, moveShot, putThing, setCloud } from "./edits";
import { newPosition } from "./begin/new-position";

const outing = demoOutings[0]!;

test("an edit that is kept is the edit's own result, and what was handed in stays as it was", () => {
  const before = JSON.stringify(outing);
  const edit = movePosition("b", { at: { x: 3, y: 4 } });
  expect(commit(outing, edit)).toEqual({ ok: true, value: edit(outing) });
  expect(JSON.stringify(outing)).toBe(before);
});

test("a drag beyond the plan, a number that is none, a text too long were kept and could not be read again", () => {
  const refused = (edit: Parameters<typeof commit>[1]): string[] => {
    const found = commit(outing, edit);
    return found.ok ? [] : found.faults.map((f) => f.path);
  };
  expect(refused(movePosition("b", { at: { x: 1e6, y: 0 } }))).toEqual(["ground.positions.1.at.x"]);
  expect(refused(movePosition("b", { lensHeight: NaN }))).toEqual(["ground.positions.1.lensHeight"]);
  expect(refused(setCloud(9))).toEqual(["light.cloudEighths"]);
  expect(refused(editOuting({ notes: "x".repeat(5000) }))).toEqual(["notes"]);
  expect(refused(moveShot(0, 1))).toEqual([]);
});

test.each([
  ["position", (s: Outing) => addPosition(newPosition(s, { x: 0, y: 60 }))(s), 60, /60/],
  ["spot", addSpot({ ...outing.ground.spots[0]! }, "drag-flick"), 120, /120/],
  [
    "obstacle",
    (s: Outing) => {
      const id = freeId("obstacle", s.ground.obstacles);
      return putThing("obstacle", { ...outing.ground.obstacles[0]!, id })(s);
    },
    400,
    /400/,
  ],
] as const)(
  "one %s more than can be kept was kept: it is refused, with the number that can",
  (_what, add, most, says) => {
    let state = outing;
    let kept = 0;
    for (let i = 0; i < 420; i++) {
      const found = commit(state, add);
      if (!found.ok) {
        expect(found.faults[0]!.message).toMatch(says);
        break;
      }
      state = found.value;
      kept++;
    }
    expect(kept).toBeGreaterThan(30);
    expect(kept).toBeLessThan(most);
    expect(outingSchema.safeParse(state).success).toBe(true);
  },
);
