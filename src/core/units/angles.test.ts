import fc from "fast-check";
import { angleBetween, asBearing, toDegrees, toRadians, turnBetween } from "./angles";

const degrees = fc.double({ min: -1e4, max: 1e4, noNaN: true });

test("degrees and radians make a round trip", () => {
  fc.assert(fc.property(degrees, (d) => expect(toDegrees(toRadians(d))).toBeCloseTo(d, 8)));
});

test("a bearing lies in [0, 360) and points the same way", () => {
  fc.assert(
    fc.property(degrees, (d) => {
      const b = asBearing(d);
      expect(b).toBeGreaterThanOrEqual(0);
      expect(b).toBeLessThan(360);
      expect(Math.cos(toRadians(b))).toBeCloseTo(Math.cos(toRadians(d)), 7);
      expect(Math.sin(toRadians(b))).toBeCloseTo(Math.sin(toRadians(d)), 7);
    }),
  );
});

test("turns go the short way, clockwise positive", () => {
  expect(turnBetween(350, 10)).toBe(20);
  expect(turnBetween(10, 350)).toBe(-20);
  expect(turnBetween(0, 180)).toBe(180);
  fc.assert(
    fc.property(degrees, degrees, (a, b) => {
      expect(angleBetween(a, b)).toBeLessThanOrEqual(180);
      expect(angleBetween(a, b)).toBeCloseTo(angleBetween(b, a), 6);
    }),
  );
});
