import fc from "fast-check";
import { planDistance, snap, type SnapTo } from ".";

const nothing: SnapTo = { corners: [], sides: [], beside: [], axis: 0 };

test("a corner goes before a line, a line before a side, and nothing is drawn from beyond its reach", () => {
  const to: SnapTo = {
    corners: [{ x: 10, y: 10 }],
    sides: [
      [
        { x: 0, y: 9.6 },
        { x: 20, y: 9.6 },
      ],
    ],
    beside: [{ x: 10.2, y: 0 }],
    axis: 0,
  };
  expect(snap({ x: 10.1, y: 9.9 }, to, 0.5)).toEqual({ at: { x: 10, y: 10 }, by: "corner" });
  expect(snap({ x: 10.3, y: 6 }, to, 0.5)).toMatchObject({ at: { x: 10.2, y: 6 }, by: "axis" });
  expect(snap({ x: 15, y: 9.4 }, to, 0.5)).toMatchObject({ at: { x: 15, y: 9.6 }, by: "side" });
  expect(snap({ x: 15, y: 7 }, to, 0.5)).toEqual({ at: { x: 15, y: 7 }, by: "free" });
});

test("the fourth corner of a rectangle snaps square on the venue's own axes, however the venue is turned", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 359, noNaN: true }), (axis) => {
      const [c, s] = [Math.cos((axis * Math.PI) / 180), Math.sin((axis * Math.PI) / 180)];
      const own = (right: number, along: number) => ({ x: right * c + along * s, y: along * c - right * s });
      const wished = own(8, 5);
      const found = snap(
        { x: wished.x + 0.2, y: wished.y - 0.15 },
        { ...nothing, beside: [own(0, 5), own(8, 0)], axis },
        0.6,
      );
      expect(planDistance(found.at, wished)).toBeLessThan(1e-6);
    }),
  );
});

test("a place is never drawn farther than the reach", () => {
  const place = fc.record({ x: fc.integer({ min: -20, max: 20 }), y: fc.integer({ min: -20, max: 20 }) });
  fc.assert(
    fc.property(
      place,
      fc.array(place, { maxLength: 5 }),
      fc.array(place, { maxLength: 2 }),
      (at, corners, beside) => {
        const sides = corners.slice(1).map((p, i) => [corners[i]!, p] as const);
        expect(planDistance(at, snap(at, { corners, sides, beside, axis: 33 }, 1.5).at)).toBeLessThanOrEqual(
          1.5,
        );
      },
    ),
  );
});
