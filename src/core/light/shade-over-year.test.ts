import type { Obstacle } from "../ground";
import { shadeOverDay, shadeOverYear } from ".";

const place = { latitude: 53.21, longitude: -1.44, elevation: 120 };
const point = { x: 0, y: 0, z: 1 };
/** Twelve metres high and fifteen to the south: its top stands 36° up. */
const wall: Obstacle = {
  id: "wall",
  name: "Wall",
  kind: "building",
  outline: [
    { x: -60, y: -20 },
    { x: 60, y: -20 },
    { x: 60, y: -15 },
    { x: -60, y: -15 },
  ],
  height: 12,
};
const days = [0, 90, 171, 260, 350].map((day) => {
  const from = Date.UTC(2026, 0, 1 + day);
  return { from, until: from + 86_400_000 };
});

test("every day of a year is that day's own course of sun and shade, and the work reports", () => {
  const many = Array.from({ length: 25 }, (_, i) => {
    const from = Date.UTC(2026, 2, 1 + i);
    return { from, until: from + 86_400_000 };
  });
  const work = shadeOverYear({ point, place, obstacles: [wall], days: many });
  expect(work.next()).toEqual({ done: false, value: { done: 10, total: 25 } });
  expect(work.next()).toEqual({ done: false, value: { done: 20, total: 25 } });
  const found = work.next().value as ReturnType<typeof shadeOverDay>[];
  expect(found).toHaveLength(25);
  const alone = shadeOverDay({ point, place, obstacles: [wall], ...many[12]! });
  expect(found[12]!.map((s) => s.state)).toEqual(alone.map((s) => s.state));
  // Both find an edge to a second.
  found[12]!.forEach((s, i) => expect(Math.abs(s.from - alone[i]!.from)).toBeLessThanOrEqual(2000));
});

test("a high wall to the south keeps the noon sun away in winter alone: 90° − latitude + declination against its height", () => {
  const work = shadeOverYear({ point, place, obstacles: [wall], days });
  let step = work.next();
  while (!step.done) step = work.next();
  const noon = step.value.map((day, i) => {
    const at = days[i]!.from + 12 * 3_600_000;
    return day.find((s) => at >= s.from && at < s.until)!.state;
  });
  // Declinations −23°, +4°, +23.4°, +2°, −23.4°: heights 14°, 41°, 60°, 39°, 13° against 36°.
  expect(noon).toEqual(["shaded", "sun", "sun", "sun", "shaded"]);
});
