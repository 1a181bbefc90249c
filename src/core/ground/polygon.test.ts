import fc from "fast-check";
import { surfaceAt } from "./surface-at";
import { convexHull, convexParts, isInside, rayThrough } from "./polygon";
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

const areaOf = (outline: readonly { x: number; y: number }[]): number =>
  outline.reduce((sum, p, i) => {
    const next = outline[(i + 1) % outline.length]!;
    return sum + (p.x * next.y - next.x * p.y) / 2;
  }, 0);

test("convex parts of a star cover it and no more: areas add up, points agree; a convex outline stays whole", () => {
  const star = Array.from({ length: 12 }, (_, i) => {
    const [r, a] = [i % 2 === 0 ? 10 : 4, (i * Math.PI) / 6];
    return { x: r * Math.sin(a), y: r * Math.cos(a) };
  });
  const parts = convexParts(star);
  expect(parts.length).toBeGreaterThan(5);
  expect(parts.reduce((sum, p) => sum + areaOf(p), 0)).toBeCloseTo(Math.abs(areaOf(star)), 9);
  let inside = 0;
  for (let x = -9.9; x < 10; x += 0.7)
    for (let y = -9.8; y < 10; y += 0.7) {
      const whole = isInside({ x, y }, star);
      if (whole) inside++;
      expect(parts.some((p) => isInside({ x, y }, p))).toBe(whole);
    }
  expect(inside).toBeGreaterThan(100);
  expect(convexParts(convexHull(star))).toHaveLength(1);
});

test("an outline that crosses itself comes back as its hull", () => {
  const bow = [
    { x: 0, y: 0 },
    { x: 4, y: 4 },
    { x: 4, y: 0 },
    { x: 0, y: 4 },
  ];
  const parts = convexParts(bow);
  expect(parts.length).toBeGreaterThan(0);
  for (const part of parts) for (const p of part) expect(Number.isFinite(p.x + p.y)).toBe(true);
});

test("a place is made of what the last area that holds it is made of, else of the ground at large", () => {
  const square = (half: number) => [
    { x: -half, y: -half },
    { x: half, y: -half },
    { x: half, y: half },
    { x: -half, y: half },
  ];
  const areas = [
    { id: "pond", name: "Pond", kind: "surface" as const, surface: "water" as const, outline: square(10) },
    { id: "bar", name: "Sand bar", kind: "surface" as const, surface: "sand" as const, outline: square(2) },
  ];
  const venue = { template: "open-ground", bearing: 0, centre: { x: 0, y: 0 } };
  const at = (x: number) => surfaceAt({ areas, venue }, { x, y: 0 });
  expect([at(0), at(5), at(20)]).toEqual(["sand", "water", "grass"]);
  expect(surfaceAt({ areas: [], surface: "floor", venue }, { x: 0, y: 0 })).toBe("floor");
});
