import fc from "fast-check";
import { bearingTo, isInside, type Block, type Obstacle } from "../ground";
import { shadedBy, shadowLength, shadowOutlines } from "./shade";
import { skyLeft } from "./sky-left";

const stand: Block = {
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
  const outlines = shadowOutlines(stand, { azimuth: 225, apparentAltitude: 20 });
  if (!outlines.ok) throw new Error(outlines.reason);
  expect(outlines.value).toHaveLength(1);
  const near = (x: number, y: number) => outlines.value[0]!.some((p) => Math.hypot(p.x - x, p.y - y) < 0.2);
  expect(near(-30 + 15.54, 20 + 15.54)).toBe(true);
  expect(near(-30 + 15.54, -20 + 15.54)).toBe(true);
  expect(near(-40 + 15.54, 20 + 15.54)).toBe(true);
  expect(near(-40, -20)).toBe(true);
});

test("while the sun is down there is no shadow, and that is an answer", () => {
  expect(shadowOutlines(stand, { azimuth: 270, apparentAltitude: -1 })).toEqual({
    ok: false,
    reason: "sun-down",
    numbers: { altitude: -1 },
  });
});

/** A building round three sides of a yard that opens to the east. */
const yard: Obstacle = {
  ...stand,
  id: "yard",
  outline: [
    { x: -20, y: -20 },
    { x: 20, y: -20 },
    { x: 20, y: -12 },
    { x: -12, y: -12 },
    { x: -12, y: 12 },
    { x: 20, y: 12 },
    { x: 20, y: 20 },
    { x: -20, y: 20 },
  ],
};

test.each([stand, yard])(
  "a point on the ground is shaded exactly when it lies in the drawn shadow: $id",
  (built) => {
    const coordinate = fc.integer({ min: -600, max: 600 }).map((d) => d / 10);
    let [shaded, lit] = [0, 0];
    fc.assert(
      fc.property(
        coordinate,
        coordinate,
        fc.integer({ min: 0, max: 359 }),
        fc.integer({ min: 8, max: 60 }),
        (x, y, azimuth, apparentAltitude) => {
          const sun = { azimuth, apparentAltitude };
          const outlines = shadowOutlines(built, sun);
          if (!outlines.ok || isInside({ x, y }, built.outline)) return;
          const drawn = (px: number, py: number) => outlines.value.some((o) => isInside({ x: px, y: py }, o));
          const edge = [
            [0.05, 0],
            [-0.05, 0],
            [0, 0.05],
            [0, -0.05],
          ].some(([dx, dy]) => drawn(x + dx!, y + dy!) !== drawn(x, y));
          if (edge) return;
          expect(shadedBy({ x, y, z: 0 }, sun, [built]) !== undefined).toBe(drawn(x, y));
          if (drawn(x, y)) shaded++;
          else lit++;
        },
      ),
      { numRuns: 1000 },
    );
    expect(shaded).toBeGreaterThan(10);
    expect(lit).toBeGreaterThan(10);
  },
);

test("an open field leaves the whole sky; a wall all round takes its share", () => {
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
  // Walls all round up to 45° … 35.3°, under a closed sky (1 + 2 sin h): of the light on level ground the share above h is
  // 1 − (sin²h/2 + 2·sin³h/3)/(1/2 + 2/3).
  const left = (h: number) => 1 - (Math.sin(h) ** 2 / 2 + (2 * Math.sin(h) ** 3) / 3) / (7 / 6);
  const { onGround } = skyLeft({ x: 0, y: 0, z: 0 }, ring, CLOSED);
  expect(onGround).toBeGreaterThan(left(Math.PI / 4));
  expect(onGround).toBeLessThan(left((35.26 * Math.PI) / 180));
  expect(skyLeft({ x: 0, y: 0, z: 0 }, [], CLOSED).onGround).toBe(1);
});

const CLOSED = { azimuth: 0, altitude: 40, cloud: 1 };

test("a wall behind the camera takes more of what the camera sees lit than one behind the subject", () => {
  const wall: Block = { ...stand, id: "wall", height: 12 };
  const point = { x: stand.outline[0]!.x - 8, y: stand.outline[0]!.y, z: 1 };
  const toward = bearingTo(point, middleOf(stand));
  const { toward: open } = skyLeft(point, [wall], CLOSED);
  expect(open(toward)).toBeLessThan(open(toward + 180));
  // The two halves together see the whole sky: their mean is what a full cylinder sees.
  expect((open(toward + 90) + open(toward + 270)) / 2).toBeCloseTo(
    (open(toward) + open(toward + 180)) / 2,
    1,
  );
});

test("a wall on the sun's side takes more of the clear sky than the same wall opposite", () => {
  const at = (azimuth: number) =>
    skyLeft({ x: -80, y: 0, z: 1 }, [stand], { azimuth, altitude: 20, cloud: 0 }).onGround;
  expect(at(90)).toBeLessThan(at(270));
});

const middleOf = (o: Block) => ({
  x: o.outline.reduce((sum, p) => sum + p.x, 0) / o.outline.length,
  y: o.outline.reduce((sum, p) => sum + p.y, 0) / o.outline.length,
});
