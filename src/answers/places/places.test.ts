import { likeAgain } from "@/core/light";
import { lightWindows } from "@/core/year";
import type { Places, Sighting } from "@/data";
import { demoOutings, demoPast, demoPlaces } from "../../../demo";
import { anOuting, looked } from "../../../test/outings";
import { besideOf } from "./side-by-side";
import { activity, comingUp, dayInYear, sightingsAt, sightingsDrawn, yearMarks } from "./year";
import { windowsAsked } from "./windows";
import { workedAt } from "./worked";

const lagoon = demoPlaces.places[1]!;
const own = sightingsAt(demoPlaces.sightings, lagoon.id);

test("last spring comes up when its day is near: the harrier from its spot, on the day of the latest year", () => {
  const [first] = comingUp(demoPlaces, "2027-03-26");
  expect(first).toMatchObject({
    sighting: { name: "Marsh harrier", on: "2026-03-30" },
    spot: "Food pass",
    inDays: 4,
    years: 3,
  });
  expect(first).not.toHaveProperty("keepOff");
  expect(comingUp(demoPlaces, "2027-01-05").length).toBe(0);
});

test("a nest comes up with what is kept off it, and one of which nothing was told with a hundred metres", () => {
  const nest = comingUp(demoPlaces, "2027-05-20").find((c) => c.sighting.what === "nest");
  expect(nest?.keepOff).toBe(20);
  const untold: Places = {
    ...demoPlaces,
    sightings: demoPlaces.sightings.map(({ keepOff: _, ...s }): Sighting => s),
  };
  expect(comingUp(untold, "2027-05-20").find((c) => c.sighting.what === "nest")?.keepOff).toBe(100);
});

test("what was seen at a place that is gone comes up nowhere", () => {
  expect(comingUp({ ...demoPlaces, places: [] }, "2027-03-26")).toEqual([]);
});

test("the years stand over one another: in the calendar each row by its animal, on the plan each once at its spot", () => {
  const marks = yearMarks(own);
  expect(marks.length).toBeLessThanOrEqual(40);
  const harrier = marks.filter((m) => m.name === "Marsh harrier" && m.what === "arrival");
  expect(harrier.flatMap((m) => m.years).sort()).toEqual([2024, 2025, 2026]);
  expect(harrier.map((m) => m.from)).toContain(dayInYear("2025-03-28"));
  const drawn = sightingsDrawn(lagoon, own);
  expect(drawn.length).toBeLessThanOrEqual(40);
  const one = drawn.filter((d) => d.sighting.name === "Marsh harrier" && d.sighting.what === "arrival");
  expect(one).toMatchObject([{ years: 3, isLatest: true }]);
  const spot = lagoon.ground.spots.find((s) => s.id === "food-pass")!;
  expect(one[0]!.at).toEqual(spot.at);
});

test("activity counts the hours of outings that belong to the place, and of no other", () => {
  const all = [...demoOutings, demoPast];
  const hours = activity(own, all, lagoon.id);
  // The lagoon's day goes from 04:45 to 08:30.
  expect(hours[5]!.hours).toBe(1);
  expect(hours[4]!.hours).toBeCloseTo(0.25, 9);
  expect(hours[9]!.hours).toBe(0);
  expect(hours.reduce((sum, h) => sum + h.seen, 0)).toBe(own.filter((s) => s.at).length);
});

test("light as wished is asked of the spot toward the position; nothing under a roof or of a place that lies nowhere", () => {
  const spot = lagoon.ground.spots[0]!;
  const wish = { spotId: spot.id, side: "front" as const, altitudes: [4, 15] as const };
  const asked = windowsAsked(lagoon, wish, "2027-03-01")!;
  expect(asked.days).toHaveLength(365);
  expect(asked.toCamera).toBe(spot.facing);
  const position = lagoon.ground.positions[0]!;
  const toward = windowsAsked(lagoon, { ...wish, positionId: position.id }, "2027-03-01")!.toCamera;
  expect(toward).toBeCloseTo(
    ((Math.atan2(position.at.x - spot.at.x, position.at.y - spot.at.y) * 180) / Math.PI + 360) % 360,
    6,
  );
  const roofed = { ...lagoon, light: { ...lagoon.light, roof: { daylightShare: 0 } } };
  expect(windowsAsked(roofed, wish, "2027-03-01")).toBeUndefined();
  const nowhere = { ...lagoon.ground, anchor: { ...lagoon.ground.anchor, assumed: true } };
  expect(windowsAsked({ ...lagoon, ground: nowhere }, wish, "2027-03-01")).toBeUndefined();
  // The windows are those of the day's own question.
  const some = { ...asked, days: asked.days.slice(40, 60) };
  const work = lightWindows(some);
  let step = work.next();
  while (!step.done) step = work.next();
  const byDay = likeAgain(some).map((w) => w.from);
  expect(step.value.map((w) => w.from).sort()).toEqual(byDay.sort());
});

test("what worked at a place is by position, the most kept first, and none is lost", () => {
  const quarry = demoPlaces.places[0]!;
  const rows = workedAt(quarry);
  expect(rows.reduce((sum, r) => sum + r.taken, 0)).toBe(quarry.worked.reduce((sum, w) => sum + w.taken, 0));
  rows.forEach((row, i) => i > 0 && expect(row.kept).toBeLessThanOrEqual(rows[i - 1]!.kept));
  expect(rows[0]!.outings).toBe(1);
});

test("two outings of a place side by side: counts are those of their logs, light that of the plan", () => {
  const past = besideOf(looked(demoPast).view);
  const { view } = anOuting("hockey-semi-final");
  const today = besideOf(view);
  expect([past.taken, past.kept]).toEqual([
    demoPast.log.reduce((sum, s) => sum + s.taken, 0),
    demoPast.log.reduce((sum, s) => sum + s.kept, 0),
  ]);
  expect(today.taken).toBe(0);
  expect(past.ev).toBeGreaterThan(today.ev!);
  expect(today.ev).toBeCloseTo(
    looked(view.outing).at(view.window.starts).from(view.choice.positionId)!.ok
      ? (looked(view.outing).at(view.window.starts).found?.light.ev ?? NaN)
      : NaN,
    6,
  );
  expect(today.minutes).toBe((view.window.until - view.window.from) / 60_000);
  expect(today.shots.map((s) => s.name)).toEqual(view.outing.shots.map((s) => s.name));
});
