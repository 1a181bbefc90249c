import fc from "fast-check";
import { bearingTo, isInside, type Obstacle } from "../ground";
import { shadedBy, shadowLength, shadowOutline, skyOpenness } from "./shade";

const stand: Obstacle = {
  id: "stand",
  name: "Stand",
  kind: "stand",
  outline: [
    { x: -40, y: -20 },
    { x: -30, y: -20 },
    { x: -30, y: 20 },
    { x: -40, y: 20 },
  ],
  height: 8,
};

test("a shadow at 45° is as long as the thing is tall", () => {
  expect(shadowLength(7.5, 45)).toBeCloseTo(7.5, 9);
});

test("the stand's shadow corners, worked by hand within 0.2 m", () => {
  // Sun in the south-west (225°) at 20°: 8/tan 20° = 21.98 m toward the north-east, 15.54 m east and 15.54 m north.
  const outline = shadowOutline(stand, { azimuth: 225, apparentAltitude: 20 });
  expect(outline.ok).toBe(true);
  if (!outline.ok) return;
  const near = (x: number, y: number) => outline.value.some((p) => Math.hypot(p.x - x, p.y - y) < 0.2);
  expect(near(-30 + 15.54, 20 + 15.54)).toBe(true);
  expect(near(-30 + 15.54, -20 + 15.54)).toBe(true);
  expect(near(-40 + 15.54, 20 + 15.54)).toBe(true);
  expect(near(-40, -20)).toBe(true);
});

test("while the sun is down there is no shadow, and that is an answer", () => {
  expect(shadowOutline(stand, { azimuth: 270, apparentAltitude: -1 })).toEqual({
    ok: false,
    reason: "sun-down",
    numbers: { altitude: -1 },
  });
});

test("a point on the ground is shaded exactly when it lies in the drawn shadow", () => {
  const coordinate = fc.double({ min: -60, max: 60, noNaN: true });
  fc.assert(
    fc.property(
      coordinate,
      coordinate,
      fc.double({ min: 0, max: 359, noNaN: true }),
      fc.double({ min: 3, max: 80, noNaN: true }),
      (x, y, azimuth, apparentAltitude) => {
        const sun = { azimuth, apparentAltitude };
        const outline = shadowOutline(stand, sun);
        if (!outline.ok || isInside({ x, y }, stand.outline)) return;
        const edge = [0.05, -0.05].some(
          (d) => isInside({ x: x + d, y }, outline.value) !== isInside({ x: x - d, y: y + d }, outline.value),
        );
        if (edge) return;
        expect(shadedBy({ x, y, z: 0 }, sun, [stand]) !== undefined).toBe(isInside({ x, y }, outline.value));
      },
    ),
    { numRuns: 400 },
  );
});

test("an open field leaves the whole sky; a wall all round takes its share", () => {
  expect(skyOpenness({ x: 0, y: 0, z: 1 }, [], 40)).toBe(1);
  const wall = (outline: [number, number][]): Obstacle => ({
    ...stand,
    id: String(outline),
    outline: outline.map(([x, y]) => ({ x, y })),
    height: 11,
  });
  const ring = [
    wall([
      [-50, 10],
      [50, 10],
      [50, 11],
      [-50, 11],
    ]),
    wall([
      [-50, -11],
      [50, -11],
      [50, -10],
      [-50, -10],
    ]),
    wall([
      [10, -50],
      [11, -50],
      [11, 50],
      [10, 50],
    ]),
    wall([
      [-11, -50],
      [-10, -50],
      [-10, 50],
      [-11, 50],
    ]),
  ];
  // Ten metres up at ten to fourteen metres: 45° to 35.3°. Against (2/π)(h + sin h·cos h) between those bounds.
  const left = (h: number) => 1 - (2 / Math.PI) * (h + Math.sin(h) * Math.cos(h));
  const open = skyOpenness({ x: 0, y: 0, z: 1 }, ring, 70);
  expect(open).toBeGreaterThan(left(Math.PI / 4));
  expect(open).toBeLessThan(left((35.26 * Math.PI) / 180));
});

test("a wall behind the camera takes more of what the camera sees lit than one behind the subject", () => {
  const wall: Obstacle = { ...stand, id: "wall", height: 12 };
  const point = { x: stand.outline[0]!.x - 8, y: stand.outline[0]!.y, z: 1 };
  const toward = bearingTo(point, middleOf(stand));
  const behindCamera = skyOpenness(point, [wall], toward);
  const behindSubject = skyOpenness(point, [wall], toward + 180);
  expect(behindCamera).toBeLessThan(behindSubject);
  // The two halves together see the whole sky: their mean is what a full cylinder sees.
  const quarter = (turn: number) => skyOpenness(point, [wall], toward + turn);
  expect((quarter(90) + quarter(270)) / 2).toBeCloseTo((behindCamera + behindSubject) / 2, 1);
});

const middleOf = (o: Obstacle) => ({
  x: o.outline.reduce((sum, p) => sum + p.x, 0) / o.outline.length,
  y: o.outline.reduce((sum, p) => sum + p.y, 0) / o.outline.length,
});
