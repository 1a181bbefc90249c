import fc from "fast-check";
import { convexHull, isInside, rayThrough } from "./polygon";
import type { Point } from "./vector";

const square: Point[] = [
  { x: 0, y: 0 },
  { x: 10, y: 0 },
  { x: 10, y: 10 },
  { x: 0, y: 10 },
];
const point = fc.record({
  x: fc.double({ min: -50, max: 50, noNaN: true }),
  y: fc.double({ min: -50, max: 50, noNaN: true }),
});

/** Places off the square's edges: on an edge a point may count either way. */
const offGrid = fc
  .record({ x: fc.integer({ min: -40, max: 40 }), y: fc.integer({ min: -40, max: 40 }) })
  .map(({ x, y }) => ({
    x: x + 0.37,
    y: y + 0.61,
  }));

test("the hull of a square with points inside it is the square", () => {
  const hull = convexHull([...square, { x: 5, y: 5 }, { x: 2, y: 9 }]);
  expect(hull).toHaveLength(4);
  expect(hull).toEqual(expect.arrayContaining(square));
});

test("every point lies in its hull, or on its edge", () => {
  fc.assert(
    fc.property(fc.array(point, { minLength: 3, maxLength: 30 }), (points) => {
      const hull = convexHull(points);
      const area = (a: Point, b: Point, p: Point) => (b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x);
      for (const p of points)
        hull.forEach((a, i) =>
          expect(area(a, hull[(i + 1) % hull.length]!, p)).toBeGreaterThanOrEqual(-1e-6),
        );
    }),
  );
});

test("a ray enters and leaves a square where it must", () => {
  expect(rayThrough({ x: -5, y: 5 }, { x: 1, y: 0 }, square)).toEqual({ enter: 5, leave: 15 });
  expect(rayThrough({ x: 5, y: 5 }, { x: 0, y: 2 }, square)).toEqual({ enter: 0, leave: 2.5 });
  expect(rayThrough({ x: 15, y: 5 }, { x: 1, y: 0 }, square)).toBeUndefined();
  expect(rayThrough({ x: -5, y: 20 }, { x: 1, y: 0 }, square)).toBeUndefined();
});

test("a ray's stretch agrees with small steps along it", () => {
  fc.assert(
    fc.property(offGrid, fc.double({ min: 0.01, max: 6.28, noNaN: true }), (from, angle) => {
      const step = { x: Math.cos(angle), y: Math.sin(angle) };
      const stretch = rayThrough(from, step, square);
      for (let t = 0.05; t < 120; t += 1.7) {
        const inside = isInside({ x: from.x + t * step.x, y: from.y + t * step.y }, square);
        const told = stretch !== undefined && t > stretch.enter && t < stretch.leave;
        const nearEdge =
          stretch && (Math.abs(t - stretch.enter) < 1e-6 || Math.abs(t - stretch.leave) < 1e-6);
        if (!nearEdge) expect(told).toBe(inside);
      }
    }),
  );
});
