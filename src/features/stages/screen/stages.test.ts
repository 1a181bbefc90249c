import { editChoice } from "@/outing/edits";
import { demoOutings } from "../../../../demo";
import { whatIsOpen } from "../../outings/what-is-open";
import { STAGES, stageState, type StageKey, type StageMatter } from "./stages";

const outing = demoOutings[0]!;
const at = (short: number) => ({ points: [{ short }], moments: [] }) as unknown as StageMatter["timeline"];
const state = (of: typeof outing, key: StageKey, { short = 0, vetoed = 0 } = {}) =>
  stageState({ outing: of, timeline: at(short), vetoed }, key);
const placed = editChoice("coach-after-a-goal", { positionId: "c" })(outing);

test("a stage is settled when nothing in it is open, and says what is", () => {
  expect(state(outing, "ground")).toEqual({ settled: false, open: "1 shot without a position" });
  expect(state(placed, "ground")).toEqual({ settled: true, open: "every shot has a position" });
  expect(state(outing, "expose", { short: 1 })).toEqual({
    settled: false,
    open: "light runs short",
  });
  expect(state(outing, "expose").settled).toBe(true);
  expect(state(outing, "run")).toEqual({ settled: false, open: "no reading yet" });
  expect(STAGES.map((s) => s.key)).toEqual(["brief", "ground", "frame", "expose", "run", "review"]);
});

test("the list tells promises and what is open without computing", () => {
  expect(whatIsOpen(outing)).toEqual([
    { words: "4 shots, 11 pictures", open: false },
    { words: "1 shot has no position yet", open: true },
    { words: "no light reading yet", open: true },
  ]);
  expect(whatIsOpen(placed)[1]).toEqual({ words: "every shot has a position", open: false });
});

test("brief, frame and review say what is open", () => {
  const open = { ...outing, access: { allowedBy: "", mayStand: "here", fallBack: "" } };
  expect(state(open, "brief")).toEqual({ settled: false, open: "access is not settled" });
  expect(state(outing, "brief")).toEqual({ settled: true, open: "4 shots promised" });
  expect(state(outing, "frame", { vetoed: 2 })).toMatchObject({ settled: false });
  expect(state(outing, "review").settled).toBe(false);
});
