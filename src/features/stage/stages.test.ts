import { editChoice } from "@/outing/edits";
import { demoOutings } from "../../../demo";
import { whatIsOpen } from "../outings/what-is-open";
import { STAGES, stageState } from "./stages";

const outing = demoOutings[0]!;
const NONE = { short: false, vetoed: 0 };
const placed = editChoice("coach-after-a-goal", { positionId: "c" })(outing);

test("a stage is settled when nothing in it is open, and says what is", () => {
  expect(stageState(outing, "ground", NONE)).toEqual({ settled: false, open: "1 shot without a position" });
  expect(stageState(placed, "ground", NONE)).toEqual({ settled: true, open: "every shot has a position" });
  expect(stageState(outing, "expose", { short: true, vetoed: 0 })).toEqual({
    settled: false,
    open: "light runs short",
  });
  expect(stageState(outing, "expose", NONE).settled).toBe(true);
  expect(stageState(outing, "run", NONE)).toEqual({ settled: false, open: "no reading yet" });
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
  expect(stageState(open, "brief", NONE)).toEqual({ settled: false, open: "access is not settled" });
  expect(stageState(outing, "brief", NONE)).toEqual({ settled: true, open: "4 shots promised" });
  expect(stageState(outing, "frame", { short: false, vetoed: 2 })).toMatchObject({ settled: false });
  expect(stageState(outing, "review", NONE).settled).toBe(false);
});
