import fc from "fast-check";
import type { Obstacle } from "./ground";
import { isInside } from "./polygon";
import { backgroundBehind, firstBlockage } from "./sight-line";
import type { Vector } from "./vector";

const wall = (y: number, height: number): Obstacle => ({
  id: `wall-${y}`,
  name: "Wall",
  kind: "fence",
  outline: [
    { x: -5, y },
    { x: 5, y },
    { x: 5, y: y + 0.5 },
    { x: -5, y: y + 0.5 },
  ],
  height,
});

test("a wall between lens and aim blocks by what it stands over the line, worked by hand", () => {
  const lens = { x: 0, y: 0, z: 1 };
  const aim = { x: 0, y: 20, z: 1.5 };
  // At 10 m the line is 1.25 m up; a wall of 2 m stands 0.75 m over it.
  expect(firstBlockage(lens, aim, [wall(10, 2)])).toEqual({ obstacleId: "wall-10", at: 10, short: 0.75 });
  expect(firstBlockage(lens, aim, [wall(10, 1.25)])).toBeUndefined();
  expect(firstBlockage(lens, aim, [wall(25, 9)])).toBeUndefined();
});

test("of two walls the nearer is told", () => {
  const found = firstBlockage({ x: 0, y: 0, z: 1 }, { x: 0, y: 30, z: 1 }, [wall(20, 3), wall(8, 3)]);
  expect(found?.obstacleId).toBe("wall-8");
});

test("the sight line agrees with a marcher that walks it in small steps", () => {
  const coordinate = fc.double({ min: -20, max: 20, noNaN: true });
  const height = fc.double({ min: 0.2, max: 4, noNaN: true });
  fc.assert(
    fc.property(coordinate, coordinate, height, height, (x0, x1, z0, z1) => {
      const lens: Vector = { x: x0, y: -10, z: z0 };
      const aim: Vector = { x: x1, y: 15, z: z1 };
      const obstacle = wall(0, 2);
      let marched = Infinity;
      let slack = Infinity;
      for (let i = 0; i <= 20000; i++) {
        const t = i / 20000;
        const p = { x: x0 + (x1 - x0) * t, y: -10 + 25 * t, z: z0 + (z1 - z0) * t };
        if (!isInside(p, obstacle.outline)) continue;
        slack = Math.min(slack, Math.abs(p.z - obstacle.height));
        if (p.z < obstacle.height) marched = Math.min(marched, t);
      }
      if (slack < 0.01) return; // Grazing: a step may miss it.
      expect(firstBlockage(lens, aim, [obstacle]) !== undefined).toBe(marched < Infinity);
    }),
    { numRuns: 60 },
  );
});

test("a low lens looking up ends at the skyline, looking down on the ground where the line meets it", () => {
  const aim = { x: 0, y: 20, z: 1 };
  expect(backgroundBehind({ x: 0, y: 0, z: 0.4 }, aim, []).kind).toBe("skyline");
  // From 2 m the line falls 1 m in 20: it meets the ground 20 m beyond.
  const ground = backgroundBehind({ x: 0, y: 0, z: 2 }, aim, []);
  expect(ground.kind).toBe("ground");
  expect(ground.beyond).toBeCloseTo(20, 9);
});

test("an obstacle behind the aim is the background, one under the line is not", () => {
  const lens = { x: 0, y: 0, z: 1 };
  const aim = { x: 0, y: 20, z: 1 };
  expect(backgroundBehind(lens, aim, [wall(32, 3)])).toEqual({
    kind: "fence",
    obstacleId: "wall-32",
    beyond: 12,
  });
  expect(backgroundBehind(lens, aim, [wall(32, 0.9)]).kind).toBe("skyline");
});
