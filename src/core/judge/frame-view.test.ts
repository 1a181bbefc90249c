import { demoKit, demoOutings } from "../../../demo";
import type { Block, Obstacle, Position } from "../ground";
import { sceneAt } from "../scene";
import { assess } from "./assess";
import type { AssessInput } from "./assessment";
import { frameView } from "./frame-view";

const outing = demoOutings[0]!;
const spot = { id: "spot", name: "Spot", at: { x: 0, y: 0 }, aimHeight: 1, facing: 90, zoneId: "pitch" };
const post = (id: string, y: number, height: number, half = 0.5): Block => ({
  id,
  name: id,
  kind: "boards",
  height,
  outline: [
    { x: -half, y },
    { x: half, y },
    { x: half, y: y + 0.2 },
    { x: -half, y: y + 0.2 },
  ],
});

function lookNorth(obstacles: readonly Obstacle[], position: Partial<Position> = {}) {
  const ground = { ...outing.ground, spots: [spot], obstacles, areas: [], zones: outing.ground.zones };
  const input: AssessInput = {
    shot: { ...outing.shots[0]!, spotId: "spot", orientation: "level", fill: 0.5 },
    subject: outing.subjects.find((s) => s.id === outing.shots[0]!.subjectId)!,
    position: { id: "p", name: "P", at: { x: 0, y: -20 }, lensHeight: 1, ...position },
    rig: { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! },
    scene: sceneAt(ground, { cloudEighths: 0, readings: [] }, Date.UTC(2026, 5, 17, 12)),
    focalLengthMm: 100,
    order: ["lift", "shutter", "aperture", "iso"],
  };
  const found = assess(input);
  if (!found.ok) throw new Error(found.reason);
  return { found, view: frameView(input, found) };
}

test("a board twice as far shows half as large, by the thin lens worked out beside it", () => {
  const { view, found } = lookNorth([post("far", 20, 2)]);
  const [thing] = view.things;
  // 100 mm focused at 20 m: the image lies f·s/(s − f) behind the lens; half the board, 0.5 m, stands at 40 m.
  const imageMm = (100 * 20_000) / (20_000 - 100);
  const share = (imageMm * 0.5) / 40_000 / 36;
  expect(thing!.outline.map((p) => p.across)).toContainEqual(expect.closeTo(share * 1000, 5));
  // Distances go along the lens axis, so half a metre aside is no farther.
  expect(thing!.metre).toBeCloseTo(imageMm / 40 / 36, 6);
  expect(view.metreAcross).toBeCloseTo(1 / found.sighting.frame.frameAcross, 12);
  // From 1 m up, level: the horizon is the middle, the board of 2 m rises a metre above it at 40 m.
  expect(view.horizon).toBeCloseTo(0, 9);
  const top = Math.max(...thing!.outline.map((p) => p.up));
  expect(top).toBeCloseTo((imageMm * 1000) / 40_000 / 24, 6);
  expect(view.feet).toBeCloseTo(-view.metreUp, 9);
});

test("what is farther comes first, what lies behind the lens or beside the frame is left out", () => {
  const things = [post("near", 10, 1), post("behind", -40, 3), post("far", 60, 2), post("aside", 10, 1)];
  const aside = { ...things[3]!, outline: things[3]!.outline.map((p) => ({ ...p, x: p.x + 40 })) };
  const { view } = lookNorth([things[0]!, things[1]!, things[2]!, aside]);
  expect(view.things.map((t) => t.id)).toEqual(["far", "near"]);
  expect(view.things[0]!.disc).toBeGreaterThan(view.things[1]!.disc);
});

test("something that reaches from before the lens to behind it is cut at the lens and stays finite", () => {
  const wall = {
    ...post("wall", 0, 1),
    outline: [
      { x: 2, y: -60 },
      { x: 3, y: -60 },
      { x: 3, y: 60 },
      { x: 2, y: 60 },
    ],
  };
  const { view } = lookNorth([wall]);
  expect(view.things).toHaveLength(1);
  for (const p of view.things[0]!.outline) expect(Math.abs(p.across) + Math.abs(p.up)).toBeLessThan(1000);
});

test("looking down puts the horizon up, and the ground under the aim stays below it", () => {
  const { view } = lookNorth([], { lensHeight: 12 });
  expect(view.horizon).toBeGreaterThan(0.5);
  expect(view.feet).toBeLessThan(0);
  expect(view.depth.near).toBeLessThan(view.subjectDistance);
});
