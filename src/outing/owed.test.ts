import { timeline } from "@/core/judge";
import { demoKit, demoOutings } from "../../demo";
import {
  DEFAULT_PREFERENCES,
  EMPTY_LIBRARY,
  lightPlanOf,
  plannedPosition,
  windowOf,
  type Outing,
} from "@/data";
import { createAssessments } from "./assessments";
import { askedOf, mountedFor } from "./ask";
import { createViews } from "./outing-view";
import { owed } from "./owed";
import { beginSelection } from "./selection";

const MINUTE = 60_000;
const viewOf = (outing: Outing, at: number) =>
  createViews(createAssessments())({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    selection: { ...beginSelection(outing), minute: { at, live: false } },
    now: 0,
  });
const hockey = demoOutings[0]!;
const { from, until } = windowOf(hockey);

test("what is had is no longer owed, and what is counted comes off", () => {
  const all = owed(viewOf(hockey, from));
  expect(all.map((o) => o.left).reduce((a, b) => a + b)).toBe(hockey.shots.reduce((n, s) => n + s.wanted, 0));
  const [first] = hockey.shots;
  const one = { ...hockey, shots: hockey.shots.map((s) => (s === first ? { ...s, got: 1 } : s)) };
  expect(owed(viewOf(one, from)).find((o) => o.shotId === first!.id)?.left ?? 0).toBe(first!.wanted - 1);
  const done = { ...hockey, shots: hockey.shots.map((s) => ({ ...s, got: s.wanted })) };
  expect(owed(viewOf(done, from))).toEqual([]);
});

test("a promise is told to be taken before the light ends it, as the day's own course has it, the soonest first", () => {
  const found = owed(viewOf(hockey, from));
  const ends = found.flatMap((o) => (o.when.kind === "before" ? [o] : []));
  expect(ends.length).toBeGreaterThan(0);
  for (const { shotId, when } of ends) {
    const shot = hockey.shots.find((s) => s.id === shotId)!;
    const asked = askedOf(hockey, shot, mountedFor(hockey, shot, demoKit), DEFAULT_PREFERENCES)!;
    const position = plannedPosition(hockey, shotId)!;
    const course = { ground: hockey.ground, light: lightPlanOf(hockey), from, until, step: MINUTE };
    const { points } = timeline({ ...asked, position, ...course });
    const at = "at" in when ? when.at : 0;
    expect(points.filter((p) => p.at <= at).every((p) => p.short === 0)).toBe(true);
    expect(points.some((p) => p.at > at && p.at <= at + 10 * MINUTE && p.short > 0)).toBe(true);
  }
  const order = found.map((o) => o.when.kind);
  expect(order.indexOf("before")).toBe(0);
});

test("a shot without a position says so, and one that the dark has ended is last", () => {
  const nowhere = { ...hockey, choices: hockey.choices.map((c) => ({ ...c, positionId: null })) };
  expect(owed(viewOf(nowhere, from)).every((o) => o.when.kind === "unplanned")).toBe(true);
  const kinds = owed(viewOf({ ...hockey, light: { ...hockey.light, lamps: null } }, until - 20 * MINUTE)).map(
    (o) => o.when.kind,
  );
  expect(kinds).toContain("too-dark");
});
