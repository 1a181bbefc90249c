import fc from "fast-check";
import { distance } from "./bearing";
import {
  backgroundBehind,
  frameBackground,
  cameraAxes,
  add,
  scale,
  frameCorners,
  hidesFrom,
  thingsAbout,
  fromCoordinates,
  isInside,
  planDistance,
  toCoordinates,
  type Obstacle,
  type Point,
} from ".";
import { waysRound } from "./walking";

const latitude = fc.double({ min: -89, max: 89, noNaN: true });
const longitude = fc.double({ min: -180, max: 180, noNaN: true });
const metres = fc.double({ min: -5000, max: 5000, noNaN: true });

test("coordinates and the plan make a round trip, over the date line as well", () => {
  fc.assert(
    fc.property(latitude, longitude, metres, metres, (lat, lon, x, y) => {
      const anchor = { latitude: lat, longitude: lon, elevation: 100 };
      const there = toCoordinates(anchor, { x, y });
      expect(there.longitude).toBeGreaterThanOrEqual(-180);
      expect(there.longitude).toBeLessThan(180);
      const back = fromCoordinates(anchor, there);
      expect(planDistance(back, { x, y })).toBeLessThan(1e-4);
    }),
  );
});

test("a degree is as long as the tables of WGS 84 have it", () => {
  // Handbook values of the ellipsoid (from memory): degree of latitude 110 574 m at the equator, 111 132 m at 45°,
  // 111 694 m at the pole; degree of longitude 111 320 m at the equator, 78 847 m at 45°.
  const at = (lat: number) => ({ latitude: lat, longitude: 0, elevation: 0 });
  const north = (lat: number) => fromCoordinates(at(lat), { latitude: lat + 0.01, longitude: 0 }).y * 100;
  const east = (lat: number) => fromCoordinates(at(lat), { latitude: lat, longitude: 0.01 }).x * 100;
  expect([0, 45, 90].map((lat) => Math.round(north(lat)))).toEqual([110574, 111132, 111694]);
  expect([0, 45].map((lat) => Math.round(east(lat)))).toEqual([111319, 78847]);
});

const stand: Obstacle = {
  id: "stand",
  name: "Stand",
  kind: "stand",
  outline: [
    { x: -40, y: 60 },
    { x: 40, y: 60 },
    { x: 40, y: 70 },
    { x: -40, y: 70 },
  ],
  height: 8,
};

test("the frame's corners make the frame: its width and height about the aim, square to the sight", () => {
  const lens = { x: 0, y: 0, z: 1 };
  const aim = { x: 3, y: 30, z: 1.5 };
  const corners = frameCorners({ lens, aim, frameAcross: 4, frameUp: 6 });
  const side = (a: number, b: number) => {
    const [p, q] = [corners[a]!, corners[b]!];
    return Math.hypot(q.x - p.x, q.y - p.y, q.z - p.z);
  };
  expect(side(0, 1)).toBeCloseTo(4, 9);
  expect(side(1, 2)).toBeCloseTo(6, 9);
  expect(side(0, 2)).toBeCloseTo(Math.hypot(4, 6), 9);
});

test("from knee height the middle meets the stand, the upper edge clears it into the sky, and the ground is left out", () => {
  const frame = { lens: { x: 0, y: 0, z: 0.5 }, aim: { x: 0, y: 30, z: 1 }, frameAcross: 6, frameUp: 9 };
  const { centre, around } = frameBackground(frame, { obstacles: [stand] });
  expect(centre).toMatchObject({ kind: "stand", obstacleId: "stand" });
  expect(centre.beyond).toBeCloseTo(30, 1);
  // The upper edge: 5.5 m at 30 m rises to 10.5 m at 60 m, over the 8 m of the stand.
  expect(around.map(({ kind }) => kind).sort()).toEqual(["sky", "stand"]);
});

test("a post between the middle and a corner is seen behind: it was missed by rays through those alone", () => {
  const post: Obstacle = {
    id: "post",
    name: "Post",
    kind: "branch",
    from: { x: 3, y: 60, z: 0 },
    to: { x: 3, y: 60, z: 6 },
    thickness: 0.4,
  };
  const frame = { lens: { x: 0, y: 0, z: 1 }, aim: { x: 0, y: 30, z: 1 }, frameAcross: 6, frameUp: 4 };
  const { around } = frameBackground(frame, { obstacles: [post] });
  expect(around.map(({ obstacleId }) => obstacleId)).toContain("post");
});

test("what the wedge of a sight leaves out is in no ray of its frame, wherever the camera looks", () => {
  let [met, left] = [0, 0];
  const place = (most: number) => fc.double({ min: -most, max: most, noNaN: true });
  fc.assert(
    fc.property(
      fc.tuple(place(40), place(40), fc.double({ min: 0.2, max: 30, noNaN: true })),
      fc.tuple(place(30), place(30), fc.double({ min: 0.5, max: 20, noNaN: true })),
      fc.double({ min: 0.3, max: 20, noNaN: true }),
      fc.tuple(place(0.5), place(0.5)),
      ([lx, ly, lz], [x, y, half], frameAcross, [across, above]) => {
        const lens = { x: lx, y: ly, z: lz };
        const aim = { x: 0, y: 20, z: 1.5 };
        fc.pre(distance(lens, aim) > 0.5);
        const block: Obstacle = {
          ...stand,
          outline: [
            { x: x - half, y: y - half / 4 },
            { x: x + half, y: y - half / 4 },
            { x: x + half, y: y + half / 4 },
            { x: x - half, y: y + half / 4 },
          ],
        };
        const frame = { lens, aim, frameAcross, frameUp: frameAcross * 0.7 };
        if (thingsAbout(frame, [block]).length > 0) {
          met++;
          return;
        }
        left++;
        const { right, up } = cameraAxes(lens, aim);
        const through = add(
          aim,
          add(scale(right, across * frame.frameAcross), scale(up, above * frame.frameUp)),
        );
        expect(hidesFrom(lens, through, block)).toBe(false);
        const behind = backgroundBehind(lens, through, distance(lens, aim), { obstacles: [block] });
        expect(behind.kind).not.toBe("stand");
      },
    ),
    { numRuns: 3000 },
  );
  expect(Math.min(met, left)).toBeGreaterThan(200);
});

test("a background by ray agrees with a marcher that walks the line in small steps", () => {
  let met = 0;
  fc.assert(
    fc.property(
      fc.double({ min: -60, max: 60, noNaN: true }),
      fc.double({ min: 0.2, max: 12, noNaN: true }),
      fc.double({ min: 0.2, max: 6, noNaN: true }),
      (x, z, height) => {
        const [lens, aim] = [
          { x, y: -10, z },
          { x: 0, y: 20, z: height },
        ];
        const away = distance(lens, aim);
        const found = backgroundBehind(lens, aim, away, { obstacles: [stand] });
        let marched = 400;
        for (let d = 0; d < 400; d += 0.02) {
          const k = 1 + d / away;
          const p = { x: lens.x + (aim.x - lens.x) * k, y: lens.y + (aim.y - lens.y) * k };
          const rise = lens.z + (aim.z - lens.z) * k;
          if (rise <= 0 || (rise < stand.height && isInside(p, stand.outline))) {
            marched = d;
            break;
          }
        }
        if (marched < 399) met++;
        expect(Math.abs(found.beyond - marched)).toBeLessThan(0.05);
      },
    ),
    { numRuns: 60 },
  );
  expect(met).toBeGreaterThan(10);
});

const square = (x: number, y: number, half: number): Point[] => [
  { x: x - half, y: y - half },
  { x: x + half, y: y - half },
  { x: x + half, y: y + half },
  { x: x - half, y: y + half },
];

const walls = (...outlines: Point[][]) => outlines.map((outline) => ({ outline }));

test("the way round one building is by its nearer corners, worked out by hand", () => {
  const walk = waysRound(walls(square(0, 1, 4)), 0)({ x: -10, y: 0 }, { x: 10, y: 0 });
  // Below: (−4, −3) and (4, −3): twice √(36 + 9) and 8 along the wall.
  expect(walk.ok && walk.value.metres).toBeCloseTo(2 * Math.hypot(6, 3) + 8, 6);
  expect(walk.ok && walk.value.way).toHaveLength(4);
});

test("a clear way is straight, an end inside a building or a walled-in end is told", () => {
  const free = waysRound(walls(square(100, 100, 5)))({ x: 0, y: 0 }, { x: 30, y: 40 });
  expect(free.ok && free.value.metres).toBe(50);
  expect(waysRound(walls(square(0, 0, 2)))({ x: 0, y: 0 }, { x: 9, y: 0 })).toEqual({
    ok: false,
    reason: "inside-obstacle",
  });
  const wall = (x: number, y: number, w: number, h: number) => [
    { x, y },
    { x: x + w, y },
    { x: x + w, y: y + h },
    { x, y: y + h },
  ];
  const yard = [wall(-5, -5, 10, 1), wall(-5, 4, 10, 1), wall(-5, -5, 1, 10), wall(4, -5, 1, 10)];
  expect(waysRound(walls(...yard))({ x: 0, y: 0 }, { x: 20, y: 0 })).toEqual({
    ok: false,
    reason: "no-way",
  });
});

test("no way beats the straight line, and a fine grid of steps finds no shorter one", () => {
  const blocks = [square(0, 0, 5), square(12, 6, 4), square(3, -12, 3)];
  const from = { x: -15, y: -2 };
  let compared = 0;
  for (const to of [
    { x: 20, y: 1 },
    { x: 7, y: -16 },
    { x: 18, y: 14 },
  ]) {
    const walk = waysRound(walls(...blocks), 0)(from, to);
    const grid = gridWay(from, to, blocks);
    expect(walk.ok && walk.value.metres).toBeGreaterThanOrEqual(planDistance(from, to) - 1e-9);
    // Steps in sixteen directions are up to 2.8 % longer than the true way, never shorter.
    expect(walk.ok && walk.value.metres).toBeLessThanOrEqual(grid + 1e-6);
    expect(walk.ok && walk.value.metres).toBeGreaterThan(grid / 1.06);
    compared++;
  }
  expect(compared).toBe(3);
});

/** Shortest way over a grid of half metres in sixteen directions, by relaxation until nothing improves. */
function gridWay(from: Point, to: Point, blocks: readonly Point[][]): number {
  const [size, step, least] = [100, 0.5, -25];
  const at = (p: Point) => Math.round((p.x - least) / step) * size + Math.round((p.y - least) / step);
  const place = (i: number): Point => ({
    x: least + Math.floor(i / size) * step,
    y: least + (i % size) * step,
  });
  const free = Array.from({ length: size * size }, (_, i) => !blocks.some((b) => isInside(place(i), b)));
  const best = free.map(() => Infinity);
  const queue = [at(from)];
  best[queue[0]!] = 0;
  const moves = [-2, -1, 0, 1, 2].flatMap((dx) => [-2, -1, 0, 1, 2].map((dy) => [dx, dy] as const));
  while (queue.length > 0) {
    const i = queue.shift()!;
    const [x, y] = [Math.floor(i / size), i % size];
    for (const [dx, dy] of moves) {
      const [u, v] = [x + dx, y + dy];
      if (u < 0 || v < 0 || u >= size || v >= size) continue;
      const j = u * size + v;
      const middle = { x: (place(i).x + place(j).x) / 2, y: (place(i).y + place(j).y) / 2 };
      const reach = best[i]! + step * Math.hypot(dx, dy);
      if (!free[j] || reach >= best[j]! - 1e-9 || blocks.some((b) => isInside(middle, b))) continue;
      best[j] = reach;
      queue.push(j);
    }
  }
  return best[at(to)]!;
}
