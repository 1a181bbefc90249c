import { shootSchema } from "@/data";
import { demoShoots } from "../../../demo";
import { whatIsOpen } from "../shoots/what-is-open";
import { editChoice, holdRails, movePosition, setCloud, setLamps, takeShot } from "./edits";
import { STAGES, stageState } from "./stages";

const shoot = demoShoots[0]!;
const NONE = { broken: 0, vetoed: 0 };
const placed = editChoice("coach-after-a-goal", { positionId: "c" })(shoot);

test("a stage is settled when nothing in it is open, and says what is", () => {
  expect(stageState(shoot, "ground", NONE)).toEqual({ settled: false, open: "1 shot without a place" });
  expect(stageState(placed, "ground", NONE)).toEqual({ settled: true, open: "every shot has a place" });
  expect(stageState(shoot, "expose", { broken: 2, vetoed: 0 })).toEqual({
    settled: false,
    open: "2 limits will break",
  });
  expect(stageState(shoot, "expose", NONE).settled).toBe(true);
  expect(stageState(shoot, "run", NONE)).toEqual({ settled: false, open: "no reading yet" });
  expect(STAGES.map((s) => s.key)).toEqual(["brief", "ground", "frame", "expose", "run", "review"]);
});

test("the list tells promises and what is open without computing", () => {
  expect(whatIsOpen(shoot)).toEqual([
    { words: "4 shots, 11 pictures", open: false },
    { words: "1 shot has no place yet", open: true },
    { words: "no light reading yet", open: true },
  ]);
  expect(whatIsOpen(placed)[1]).toEqual({ words: "every shot has a place", open: false });
});

test("every edit leaves an outing that passes the schema, and the one before as it was", () => {
  const before = JSON.stringify(shoot);
  const edits = [
    movePosition("b", { at: { x: 1, y: 2 } }),
    movePosition("b", { lensHeight: 0.3 }),
    editChoice("drag-flick", { lensId: "long-300", focalLengthMm: null }),
    holdRails("drag-flick", { shutter: 27 }),
    takeShot("keepers-save"),
    setCloud(8),
    setLamps({ class: "I" }),
  ];
  for (const edit of edits) {
    const after = edit(shoot);
    expect(shootSchema.safeParse(after).success).toBe(true);
    expect(after).not.toEqual(shoot);
  }
  expect(JSON.stringify(shoot)).toBe(before);
});

test("an edit touches what it names and nothing beside it", () => {
  const moved = movePosition("b", { at: { x: 1, y: 2 } })(shoot);
  expect(moved.ground.positions[1]).toEqual({ ...shoot.ground.positions[1], at: { x: 1, y: 2 } });
  expect(moved.ground.positions[0]).toBe(shoot.ground.positions[0]);
  expect(moved.ground.obstacles).toBe(shoot.ground.obstacles);
  const held = holdRails("drag-flick", { iso: 9 })(shoot);
  expect(held.choices[0]!.held).toEqual({ iso: 9 });
  expect(held.choices[1]).toBe(shoot.choices[1]);
});

test("a ground without lamps stays without", () => {
  const dark = { ...shoot, light: { ...shoot.light, lamps: null } };
  expect(setLamps({ class: "I" })(dark)).toBe(dark);
});
