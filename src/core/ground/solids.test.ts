import fc from "fast-check";
import {
  boxOutline,
  isInsideThing,
  OBSTACLE_KIND_NAMES,
  OBSTACLE_KINDS,
  firstBlockage,
  footprintOf,
  groundHeightAt,
  lensOf,
  solidsOf,
  surfacePoints,
  throughThing,
  topOf,
  type Obstacle,
  type Vector,
} from ".";
import { shadedBy, shadowOutlines } from "../light";
import { isInside } from "./polygon";

const names = { id: "a", name: "A" };
const box = boxOutline({ middle: { x: 0, y: 0 }, length: 6, width: 4, bearing: 20 });
const tree: Obstacle = {
  ...names,
  kind: "tree",
  at: { x: 1, y: -2 },
  height: 9,
  trunkRadius: 0.3,
  crownRadius: 3,
  crownFrom: 3,
};
const branch: Obstacle = {
  ...names,
  kind: "branch",
  from: { x: -2, y: 0, z: 1.5 },
  to: { x: 2, y: 1, z: 2.5 },
  thickness: 0.4,
};
const raised: Obstacle = { ...names, kind: "scoreboard", outline: box, height: 5, base: 2.5 };
const bank: Obstacle = { ...names, kind: "bank", outline: box, height: 3, rise: { toward: 20, from: 0 } };
const all = [tree, branch, raised, bank, { ...raised, kind: "wall", base: undefined } as Obstacle];

/** Membership told apart from the rays: by what each body is. */
function holds(p: Vector, thing: Obstacle): boolean {
  if (thing.kind === "tree") {
    const aside = Math.hypot(p.x - thing.at.x, p.y - thing.at.y);
    const [half, middle] = [(thing.height - thing.crownFrom) / 2, (thing.height + thing.crownFrom) / 2];
    const crown = (aside / thing.crownRadius) ** 2 + ((p.z - middle) / half) ** 2 < 1;
    return crown || (aside < thing.trunkRadius && p.z > 0 && p.z < middle);
  }
  if ("thickness" in thing) {
    const { from, to } = thing;
    const run = [to.x - from.x, to.y - from.y, to.z - from.z] as const;
    const length = Math.hypot(...run);
    const out = [p.x - from.x, p.y - from.y, p.z - from.z] as const;
    const along = (out[0] * run[0] + out[1] * run[1] + out[2] * run[2]) / length;
    const aside = Math.sqrt(Math.max(0, out[0] ** 2 + out[1] ** 2 + out[2] ** 2 - along ** 2));
    return along > 0 && along < length && aside < thing.thickness / 2;
  }
  if (!("outline" in thing) || !isInside(p, thing.outline)) return false;
  if (!thing.rise) return p.z < thing.height && p.z > (thing.base ?? -Infinity);
  // The bank of the test rises over its 6 m along 20°.
  const along = p.x * Math.sin(Math.PI / 9) + p.y * Math.cos(Math.PI / 9);
  return p.z < (3 * (along + 3)) / 6;
}

test("every body agrees with a marcher that walks the ray in small steps", () => {
  const place = fc.record({
    x: fc.double({ min: -9, max: 9, noNaN: true }),
    y: fc.double({ min: -9, max: 9, noNaN: true }),
    z: fc.double({ min: 0.05, max: 8, noNaN: true }),
  });
  let [met, missed] = [0, 0];
  fc.assert(
    fc.property(fc.constantFrom(...all), place, place, (thing, from, to) => {
      const step = { x: to.x - from.x, y: to.y - from.y, z: to.z - from.z };
      let [first, last] = [Infinity, -Infinity];
      for (let i = 0; i <= 3000; i++) {
        const t = i / 3000;
        const p = { x: from.x + step.x * t, y: from.y + step.y * t, z: from.z + step.z * t };
        if (!holds(p, thing)) continue;
        first = Math.min(first, t);
        last = Math.max(last, t);
      }
      const found = throughThing(from, step, thing);
      const isMet = found !== undefined && found.enter < 1;
      // A graze shorter than two steps may be walked over.
      if (isMet && Math.min(1, found.leave) - found.enter < 2 / 3000) return;
      if (first < Infinity && last - first < 2 / 3000) return;
      expect(isMet).toBe(first < Infinity);
      if (!isMet) return void missed++;
      met++;
      expect(Math.abs(found.enter - first)).toBeLessThan(2 / 3000);
      expect(Math.abs(Math.min(1, found.leave) - last)).toBeLessThan(2 / 3000);
    }),
    { numRuns: 600 },
  );
  expect(met).toBeGreaterThan(60);
  expect(missed).toBeGreaterThan(60);
});

test("a shadow is where the sun is kept from the ground: outlines against rays to the sun", () => {
  const sun = { azimuth: 210, apparentAltitude: 34 };
  const shading = [tree, branch, { ...raised, kind: "wall" } as Obstacle, bank];
  let [shaded, lit] = [0, 0];
  for (const thing of shading) {
    const outlines = shadowOutlines(thing, sun);
    if (!outlines.ok) throw new Error(outlines.reason);
    for (let x = -12; x <= 12; x += 0.37)
      for (let y = -12; y <= 14; y += 0.37) {
        const drawn = outlines.value.some((outline) => isInside({ x, y }, outline));
        const inShade = shadedBy({ x, y, z: 1e-6 }, sun, [thing]) !== undefined;
        // Round bodies are drawn by sixteen corners: the edge may be off by a few centimetres.
        const near = [-0.12, 0.12].some((d) =>
          [
            [d, 0],
            [0, d],
          ].some(([dx, dy]) => outlines.value.some((o) => isInside({ x: x + dx!, y: y + dy! }, o)) !== drawn),
        );
        if (near) continue;
        expect([thing.kind, x, y, inShade]).toEqual([thing.kind, x, y, drawn]);
        if (inShade) shaded++;
        else lit++;
      }
  }
  expect(shaded).toBeGreaterThan(300);
  expect(lit).toBeGreaterThan(3000);
});

test("under a raised board one looks through, at its height one does not; the crown hides, beside the trunk one sees", () => {
  const ahead = { x: 0, y: 20, z: 0 };
  expect(throughThing({ x: 0, y: -10, z: 1.6 }, ahead, raised)).toBeUndefined();
  expect(throughThing({ x: 0, y: -10, z: 3 }, ahead, raised)).toBeDefined();
  expect(throughThing({ x: 1, y: -10, z: 1.6 }, ahead, tree)).toBeDefined();
  expect(throughThing({ x: 2, y: -10, z: 1.6 }, ahead, tree)).toBeUndefined();
  expect(throughThing({ x: 2, y: -10, z: 6 }, ahead, tree)).toBeDefined();
});

test("a bank lifts who stands on it: half way up a slope of 3 m the ground is 1.5 m high, beside it level", () => {
  const ground = { obstacles: [bank] };
  expect(groundHeightAt(ground, { x: 0, y: 0 })).toBeCloseTo(1.5, 9);
  expect(groundHeightAt(ground, { x: 30, y: 0 })).toBe(0);
  expect(lensOf(ground, { at: { x: 0, y: 0 }, lensHeight: 1.6 }).z).toBeCloseTo(3.1, 9);
  expect(lensOf(ground, { at: { x: 0, y: 0 }, lensHeight: 1.6, groundHeight: -2 }).z).toBeCloseTo(-0.4, 9);
});

test("footprint, top and surface of every body hold what they say", () => {
  for (const thing of all) {
    const points = solidsOf(thing).flatMap(surfacePoints);
    expect(Math.max(...points.map((p) => p.z))).toBeLessThanOrEqual(topOf(thing) + 1e-9);
    expect(footprintOf(thing).length).toBeGreaterThanOrEqual(3);
  }
  expect(isInsideThing({ x: 0, y: 0, z: 3 }, raised)).toBe(true);
  expect(isInsideThing({ x: 0, y: 0, z: 1 }, raised)).toBe(false);
});

/** A thing of a kind, four metres across the view, ten metres ahead. */
function thingOf(kind: (typeof OBSTACLE_KIND_NAMES)[number]): Obstacle {
  const { form, usual } = OBSTACLE_KINDS[kind];
  const at = { x: 0, y: 10 };
  if (form === "tree")
    return { ...names, kind: "tree", at, height: 8, trunkRadius: 0.3, crownRadius: 3, crownFrom: 0.2 };
  if (form === "rod")
    return {
      ...names,
      kind: kind as "pole",
      from: { x: -2, y: 10, z: 1.5 },
      to: { x: 2, y: 10, z: 1.5 },
      thickness: 0.2,
    };
  const outline = boxOutline({ middle: at, length: 4, width: 0.4, bearing: 90 });
  return { ...names, kind: kind as "wall", outline, height: Math.max(usual.height, 2) };
}

test.each(OBSTACLE_KIND_NAMES)("%s acts as itself: in the sight line and in its shade", (kind) => {
  const thing = thingOf(kind);
  const { opaque, shades } = OBSTACLE_KINDS[kind];
  const lens = { x: 0, y: 0, z: 1.5 };
  const aim = { x: 0, y: 20, z: 1.5 };
  const blocked = firstBlockage(lens, aim, [thing]);
  expect(blocked !== undefined).toBe(opaque);
  // The sun low in the north, behind the thing as seen from here.
  const by = shadedBy({ x: 0, y: 8, z: 1.4 }, { azimuth: 0, apparentAltitude: 2 }, [thing]);
  expect(by !== undefined).toBe(shades);
});
