import { demoOutings } from "../../../demo";
import { bearingTo, fromVenue, heightAngle, lensOf, aimOf, toVenue } from "../ground";
import { luxFromEv } from "../light";
import { sceneAt } from "../scene";
import { findLight } from "./light-found";
import { lightOver, type LightOverInput, type LitPlace } from "./light-over";

const outing = demoOutings[0]!;
const position = { id: "p", name: "P", at: { x: 0, y: -40 }, lensHeight: 1.6 };
const spot = { ...outing.ground.spots[0]!, at: { x: 0, y: 0 } };
/** A clear noon, the sun in the south. */
const AT = Date.UTC(2026, 5, 17, 12);
const box = (half: number) => [
  { x: -half, y: -half },
  { x: half, y: -half },
  { x: half, y: half },
  { x: -half, y: half },
];
const ground = {
  ...outing.ground,
  venue: { template: "open-ground", bearing: 30, centre: { x: 2, y: 1 } },
  areas: [],
  obstacles: [],
  masts: [],
  spots: [spot],
  zones: [{ id: spot.zoneId, name: "All", offsetClicks: 0 }],
};
const input: LightOverInput = {
  ground,
  light: { cloudEighths: 0, readings: [] },
  at: AT,
  subject: outing.subjects[0]!,
  position,
  spot,
  area: [box(20)],
  step: 2,
};

function run(asked: LightOverInput): LitPlace[] {
  const work = lightOver(asked);
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}
const nearest = (lit: readonly LitPlace[], x: number, y: number): LitPlace =>
  lit.toSorted((a, b) => Math.hypot(a.at.x - x, a.at.y - y) - Math.hypot(b.at.x - x, b.at.y - y))[0]!;

test("each place has the light that the subject would get there, and the grid lies along the venue's axes", () => {
  const lit = run(input);
  expect(lit.length).toBeGreaterThan(300);
  for (const { at } of lit) {
    const { x, y } = toVenue(ground.venue, at);
    expect(Math.abs(x / 2 - Math.round(x / 2))).toBeLessThan(1e-9);
    expect(Math.abs(y / 2 - Math.round(y / 2))).toBeLessThan(1e-9);
    expect(fromVenue(ground.venue, { x, y }).x).toBeCloseTo(at.x, 9);
  }
  const one = lit[17]!;
  const here = { ...spot, at: one.at };
  const own = findLight({
    scene: sceneAt(ground, input.light, AT),
    spot: here,
    subject: input.subject,
    position,
    heightAngle: heightAngle(lensOf(ground, position), aimOf(ground, here)),
  });
  expect(one.ev).toBe(own.ev);
});

test("behind a wall it is darker by the sun, and a drawn zone by its clicks", () => {
  const wall = {
    id: "wall",
    name: "Wall",
    kind: "building" as const,
    outline: [
      { x: -20, y: -1 },
      { x: 20, y: -1 },
      { x: 20, y: 0 },
      { x: -20, y: 0 },
    ],
    height: 6,
  };
  const lit = run({ ...input, ground: { ...ground, obstacles: [wall] } });
  expect(bearingTo({ x: 0, y: 0 }, { x: 0, y: 2 })).toBe(0);
  expect(nearest(lit, 0, -8).ev - nearest(lit, 0, 2).ev).toBeGreaterThan(1.5);
  expect(lit.every(({ at }) => !(Math.abs(at.x) < 20 && at.y > -1 && at.y < 0))).toBe(true);
  const zone = { id: "dim", name: "Dim", offsetClicks: -6, holdsFor: "all" as const, outline: box(6) };
  const zoned = run({ ...input, ground: { ...ground, zones: [...ground.zones, zone] } });
  const plain = run(input);
  const share = (x: number): number =>
    luxFromEv(nearest(zoned, x, 0).ev) / luxFromEv(nearest(plain, x, 0).ev);
  expect(share(0)).toBeCloseTo(1 / 4, 9);
  expect(share(15)).toBeCloseTo(1, 9);
});

test("a spot of another zone gives its zone to what lies nearest to it", () => {
  const dim = { id: "dim", name: "Dim end", offsetClicks: -3, holdsFor: "all" as const };
  const other = { ...spot, id: "other", at: { x: 16, y: 0 }, zoneId: "dim" };
  const lit = run({
    ...input,
    ground: { ...ground, spots: [spot, other], zones: [...ground.zones, dim] },
  });
  const plain = run(input);
  expect(nearest(plain, 15, 0).ev - nearest(lit, 15, 0).ev).toBeCloseTo(1, 9);
  expect(nearest(lit, 2, 0).ev).toBe(nearest(plain, 2, 0).ev);
});
