import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY } from "@/data";
import { createAssessments } from "./assessments";
import { setCloud } from "./edits";
import { createViews } from "./outing-view";
import { beginSelection } from "./selection";

const outing = demoOutings[0]!;
const looking = {
  outing,
  kit: demoKit,
  preferences: DEFAULT_PREFERENCES,
  library: EMPTY_LIBRARY,
  selection: beginSelection(outing),
  now: 0,
};

test("two looks at the same give the same objects, so that nothing is drawn again", () => {
  const viewOf = createViews(createAssessments());
  const [a, b] = [viewOf(looking), viewOf({ ...looking, now: 60_000 })];
  expect(a.found).toMatchObject({ ok: true });
  for (const part of ["bag", "window", "scene", "inHand", "input", "frame", "timeline", "rig"] as const)
    expect(b[part]).toBe(a[part]);
});

test("another minute leaves what hangs on the ground and the kit, and changes the light", () => {
  const viewOf = createViews(createAssessments());
  const a = viewOf(looking);
  const at = a.at + 3_600_000;
  const b = viewOf({ ...looking, selection: { ...looking.selection, minute: { at, live: false } } });
  expect([b.timeline, b.bag, b.rig, b.vetoed]).toEqual([a.timeline, a.bag, a.rig, a.vetoed]);
  expect(b.timeline).toBe(a.timeline);
  expect(b.found!.light.ev).toBeLessThan(a.found!.light.ev);
  expect(b.from("c")).not.toBe(b.found);
});

test("another sky is another day; no position has no picture", () => {
  const viewOf = createViews(createAssessments());
  const a = viewOf(looking);
  const cloudy = viewOf({ ...looking, outing: setCloud(8)(outing) });
  expect(cloudy.timeline).not.toBe(a.timeline);
  const nowhere = viewOf({ ...looking, selection: { ...looking.selection, positionId: null } });
  expect([nowhere.found, nowhere.input, nowhere.frame, nowhere.position]).toEqual([
    undefined,
    undefined,
    undefined,
    undefined,
  ]);
});
