import fc from "fast-check";
import { distance } from "./bearing";
import type { Block, Hall, Obstacle } from "./ground";
import { isInside } from "./polygon";
import { backgroundBehind, firstBlockage } from "./sight-line";
import type { Vector } from "./vector";

const wall = (y: number, height: number): Block => ({
  id: `wall-${y}`,
  name: "Wall",
  kind: "building",
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
  // At 10 m, half way, the line is 1.25 m up; over a wall of 2 m the lens has to rise by 1.58 m, for its far edge at 10.5 m.
  const found = firstBlockage(lens, aim, [wall(10, 2)])!;
  expect(found).toMatchObject({ obstacleId: "wall-10", at: 10 });
  expect(found.raise).toBeCloseTo((2 - 1.5 * 0.525) / 0.475 - 1, 9);
  expect(firstBlockage(lens, aim, [wall(10, 1.25)])).toBeUndefined();
  expect(firstBlockage(lens, aim, [wall(25, 9)])).toBeUndefined();
});

test("“go 0.3 m higher” did not clear: the height that is said does, and no less", () => {
  // A flower 2.0 m high three metres ahead, the aim 2.2 m up at four: one metre more.
  const flower: Block = {
    ...wall(3, 2),
    outline: [
      { x: -5, y: 3 },
      { x: 5, y: 3 },
      { x: 5, y: 3.1 },
      { x: -5, y: 3.1 },
    ],
  };
  const found = firstBlockage({ x: 0, y: 0, z: 0.4 }, { x: 0, y: 4, z: 2.2 }, [flower]);
  expect(found!.raise).toBeCloseTo(1, 9);
  const metres = fc.double({ min: 0.2, max: 3, noNaN: true });
  let cleared = 0;
  fc.assert(
    fc.property(
      metres,
      metres,
      fc.double({ min: 1, max: 18, noNaN: true }),
      metres,
      metres,
      (z, aimZ, y, h1, h2) => {
        const aim = { x: 0, y: 20, z: aimZ };
        const walls = [wall(y, h1), wall(y / 2, h2)];
        const blocked = firstBlockage({ x: 0, y: 0, z }, aim, walls);
        if (blocked?.raise === undefined) return;
        const from = (raise: number) => firstBlockage({ x: 0, y: 0, z: z + raise }, aim, walls);
        expect(from(blocked.raise + 1e-6)).toBeUndefined();
        expect(from(blocked.raise * 0.98 - 1e-6)).toBeDefined();
        cleared++;
      },
    ),
  );
  expect(cleared).toBeGreaterThan(20);
});

test("the fence one stands at hid the subject: mesh is looked through", () => {
  const fence: Block = { ...wall(1, 3), kind: "fence" };
  expect(firstBlockage({ x: 0, y: 0, z: 1.6 }, { x: 0, y: 20, z: 1 }, [fence])).toBeUndefined();
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

const behind = (lens: Vector, aim: Vector, obstacles: readonly Obstacle[] = [], hall?: Hall) =>
  backgroundBehind(lens, aim, distance(lens, aim), { obstacles, hall });

const HALL: Hall = {
  outline: [
    { x: -15, y: -25 },
    { x: 15, y: -25 },
    { x: 15, y: 25 },
    { x: -15, y: 25 },
  ],
  height: 8,
};

test("a hall had a skyline behind its players: behind them is its wall, or its roof", () => {
  const lens = { x: 0, y: -20, z: 1 };
  expect(behind(lens, { x: 0, y: 5, z: 1 }, [], HALL)).toMatchObject({ kind: "wall", beyond: 20 });
  const roof = behind(lens, { x: 0, y: -10, z: 5 }, [], HALL);
  expect(roof.kind).toBe("wall");
  expect(roof.at.y).toBeCloseTo(-2.5, 9);
  expect(behind(lens, { x: 0, y: -20, z: 4 }, [], HALL)).toMatchObject({ kind: "wall", beyond: 4 });
});

test("a bird overhead had the skyline behind it, and a tilted camera its distances along the ground", () => {
  const lens = { x: 0, y: 0, z: 1 };
  expect(behind(lens, { x: 0, y: 0, z: 20 }).kind).toBe("sky");
  expect(behind(lens, { x: 0, y: 20, z: 9 }).kind).toBe("sky");
  // Looking down 45° from 10 m at something 2 m up: the ground is a quarter of the way on, along the axis.
  const down = behind({ x: 0, y: 0, z: 10 }, { x: 0, y: 8, z: 2 });
  expect(down).toMatchObject({ kind: "ground" });
  expect(down.beyond).toBeCloseTo(Math.hypot(8, 8) / 4, 9);
});

test("a low lens looking up ends at the skyline, looking down on the ground where the line meets it", () => {
  const aim = { x: 0, y: 20, z: 1 };
  expect(behind({ x: 0, y: 0, z: 0.4 }, aim).kind).toBe("skyline");
  // From 2 m the line falls 1 m in 20: it meets the ground as far beyond as the aim is away, at 40 m on the plan.
  const lens = { x: 0, y: 0, z: 2 };
  const ground = behind(lens, aim);
  expect(ground.kind).toBe("ground");
  expect(ground.beyond).toBeCloseTo(distance(lens, aim), 9);
  expect(ground.at.y).toBeCloseTo(40, 9);
});

test("an obstacle behind the aim is the background, one under the line is not", () => {
  const lens = { x: 0, y: 0, z: 1 };
  const aim = { x: 0, y: 20, z: 1 };
  expect(behind(lens, aim, [wall(32, 3)])).toMatchObject({
    kind: "building",
    obstacleId: "wall-32",
    beyond: 12,
  });
  expect(behind(lens, aim, [wall(32, 0.9)]).kind).toBe("skyline");
});
