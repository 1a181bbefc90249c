import { combOf } from "./comb";

test("a stroke between 12 and 120 px is to scale", () => {
  expect(combOf(10, 4.5)).toEqual({ length: 45, times: 1 });
});

test("longer shadows print a multiplier, shorter ones a divisor, and stroke times multiplier stays the shadow", () => {
  const long = combOf(200, 4.5);
  expect(long.times).toBe(8);
  expect(long.length * long.times).toBeCloseTo(900, 9);
  expect(long.length).toBeLessThanOrEqual(120);
  const short = combOf(1, 4.5);
  expect(short.times).toBe(1 / 3);
  expect(short.length * short.times).toBeCloseTo(4.5, 9);
  expect(short.length).toBeGreaterThanOrEqual(12);
});
