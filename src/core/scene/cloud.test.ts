import fc from "fast-check";
import { demoOutings } from "../../../demo";
import { cloudAt, cloudOf, sceneAt } from ".";

const HOUR = 3_600_000;
const noon = Date.UTC(2026, 5, 17, 12);
const course = [
  { at: noon, eighths: 0 },
  { at: noon + 2 * HOUR, eighths: 8 },
  { at: noon + 3 * HOUR, eighths: 8 },
];

test("cloud changes evenly between two entries and holds before the first and after the last", () => {
  const at = (hours: number): number => cloudAt(course, noon + hours * HOUR);
  expect([-5, 0, 1, 1.5, 2, 2.5, 3, 9].map(at)).toEqual([0, 0, 4, 6, 8, 8, 8, 8]);
});

test("any course stays within its own entries and joins without a jump", () => {
  const courses = fc.array(fc.integer({ min: 0, max: 8 }), { minLength: 1, maxLength: 8 });
  fc.assert(
    fc.property(courses, fc.integer({ min: -60, max: 600 }), (eighths, minute) => {
      const entries = eighths.map((e, i) => ({ at: noon + i * HOUR, eighths: e }));
      const at = noon + minute * 60_000;
      const here = cloudAt(entries, at);
      expect(here).toBeGreaterThanOrEqual(Math.min(...eighths));
      expect(here).toBeLessThanOrEqual(Math.max(...eighths));
      expect(Math.abs(cloudAt(entries, at + 60_000) - here)).toBeLessThanOrEqual(8 / 60 + 1e-9);
    }),
  );
});

test("a scene has the cloud of its minute: as bright as under that cloud all day", () => {
  const { ground } = demoOutings[0]!;
  const light = { cloudEighths: 3, readings: [], cloudCourse: course };
  const lux = (plan: Parameters<typeof sceneAt>[1], at: number) =>
    sceneAt(ground, plan, at).daylight.horizontal;
  expect(lux(light, noon)).toBe(lux({ cloudEighths: 0, readings: [] }, noon));
  expect(lux(light, noon + 3 * HOUR)).toBe(lux({ cloudEighths: 8, readings: [] }, noon + 3 * HOUR));
  expect(cloudOf({ cloudEighths: 3, readings: [], cloudCourse: [] }, noon)).toBe(3);
});
