import fc from "fast-check";
import { demoKit, demoOutings } from "../../../demo";
import {
  boxOutline,
  furnitureOf,
  lensOf,
  missOfSlit,
  slitReach,
  type Block,
  type Obstacle,
  type Position,
} from "../ground";
import { widthSeen } from "../motion";
import { sceneAt } from "../scene";
import {
  assess,
  bestCover,
  faceShares,
  isMirrored,
  isWholeInSight,
  lostLight,
  meshBetween,
  meshFound,
  meshLight,
  sidedBy,
  skyBehind,
  waysOutOfFrame,
  waysToClear,
  type AssessInput,
  type Assessment,
} from ".";

const outing = demoOutings[0]!;
/** A clear afternoon of the demo's day, the sun in the south-west. */
const AT = Date.UTC(2026, 9, 17, 13);
const shot = { ...outing.shots[0]!, holdPartId: "body", depth: { kind: "eye" as const } };
const rig = {
  body: demoKit.bodies[0]!,
  lens: demoKit.lenses.find((l) => l.id === "zoom-70-200")!,
  support: demoKit.supports[0]!,
};

/** A view to the north over 30 m: the spot at the origin, one's own things on the ground. */
function looking(
  obstacles: readonly Obstacle[],
  position: Partial<Position> = {},
  spot: object = {},
): AssessInput {
  const ground = {
    ...outing.ground,
    venue: { template: "open-ground", bearing: 0, centre: { x: 0, y: 0 } },
    areas: [],
    spots: [{ ...outing.ground.spots[0]!, at: { x: 0, y: 0 }, aimHeight: 1.2, facing: 180, ...spot }],
    obstacles,
  };
  return {
    shot,
    subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
    position: { id: "p", name: "P", at: { x: 0, y: -30 }, lensHeight: 1.2, ...position },
    rig,
    order: ["lift", "aperture", "shutter", "iso"],
    scene: sceneAt(ground, { cloudEighths: 0, readings: [] }, AT),
  };
}
const pictureOf = (input: AssessInput): Assessment => {
  const found = assess(input);
  if (!found.ok) throw new Error(found.reason);
  return found;
};

const wall = (east: number, width: number, height: number): Block => ({
  id: "wall",
  name: "Wall",
  kind: "wall",
  height,
  outline: boxOutline({ middle: { x: east, y: -15 }, length: width, width: 0.2, bearing: 90 }),
});

test("past a wall half way, worked by hand: twice its overlap and the figure's half aside, and up by what its far edge asks for the feet", () => {
  // A wall 4 m wide and 2 m high, its middle 1 m to the right: half way the line to the far shoulder clears its left end 1 m aside.
  const input = looking([wall(1, 4, 2)]);
  const ways = waysToClear(input);
  const { subject } = input;
  const shoulder = 0.3 * widthSeen(subject, pictureOf(looking([])).sighting.faceTurn);
  expect(Math.abs(ways.left! - 2 - shoulder)).toBeLessThan(0.06);
  expect(Math.abs(ways.right! - 6 - shoulder)).toBeLessThan(0.06);
  // From the height of an ankle the far edge of the wall's top asks for that much.
  const share = 15.1 / 30;
  expect(ways.rise).toBeCloseTo((2 - 0.08 * subject.height * share) / (1 - share) - 1.2, 1);
  expect(ways.sink).toBeUndefined();
});

test("every way that is told clears the view, and a little less does not", () => {
  const metres = fc.double({ min: 0.5, max: 6, noNaN: true });
  let told = 0;
  fc.assert(
    fc.property(fc.double({ min: -3, max: 3, noNaN: true }), metres, metres, (east, width, height) => {
      const input = looking([wall(east, width, height)]);
      const blocked = (p: Partial<Position>): boolean =>
        !isWholeInSight({ ...input, position: { ...input.position, ...p } });
      if (!blocked({})) return;
      const { rise, left, right } = waysToClear(input);
      if (rise !== undefined) expect(blocked({ lensHeight: 1.2 + rise })).toBe(false);
      if (left !== undefined) {
        expect(blocked({ at: { x: -left, y: -30 } })).toBe(false);
        expect(blocked({ at: { x: -left + 0.02, y: -30 } })).toBe(true);
      }
      if (right !== undefined) expect(blocked({ at: { x: right, y: -30 } })).toBe(false);
      told++;
    }),
    { numRuns: 60 },
  );
  expect(told).toBeGreaterThan(15);
});

test("a pole behind goes out of the frame by a step that the frame’s own width tells", () => {
  const pole: Obstacle = {
    id: "pole",
    name: "Pole",
    kind: "pole",
    from: { x: 0, y: 30, z: 0 },
    to: { x: 0, y: 30, z: 8 },
    thickness: 0.1,
  };
  const input = looking([pole]);
  const found = pictureOf(input);
  const { left, right } = waysOutOfFrame(input, found.sighting, pole);
  // Twice as far as the subject, the pole moves in the plane of the subject half as far as the lens: a frame's width of step.
  const { frameAcross } = found.sighting.frame;
  expect(left!).toBeGreaterThan(frameAcross * 0.97);
  expect(left!).toBeLessThan(frameAcross * 1.06);
  expect(right!).toBeCloseTo(left!, 1);
});

const mesh = (away: number, part: Partial<Block> = {}): Block => ({
  id: "mesh",
  name: "Mesh",
  kind: "mesh",
  height: 5,
  outline: boxOutline({ middle: { x: 0, y: -30 + away }, length: 30, width: 0.02, bearing: 90 }),
  mesh: { pitch: 0.05, wire: 0.0015 },
  posts: { spacing: 3, thickness: 0.06 },
  ...part,
});

test("through a mesh: found on the line, judged by the published geometry, and gone within the distance that is told", () => {
  const input = looking([mesh(0.2)]);
  const found = pictureOf(input);
  const seen = meshFound(input, found)!;
  expect(seen.away).toBeCloseTo(0.19, 2);
  expect(seen.angle).toBeCloseTo(0, 6);
  expect(found.judgement.find((j) => j.code === "through-mesh")).toMatchObject({ structure: seen.structure });
  const at = (away: number) => {
    const there = looking([mesh(away)]);
    return meshFound(there, found)!.structure;
  };
  expect(seen.goneWithin).toBeGreaterThan(0);
  expect(at(seen.goneWithin - 0.05)).toBe("gone");
  expect(at(seen.goneWithin + 0.05)).not.toBe("gone");
  expect(meshFound(looking([]), found)).toBeUndefined();
});

test("the sun is on a mesh in the open and not behind a stand; a post's shade lies away from the sun", () => {
  const input = looking([mesh(0.3)]);
  const between = meshBetween(input)!;
  const lens = lensOf(input.scene.ground, input.position);
  const [light] = meshLight(between, lens, [input.scene]);
  expect(light!.sunOn).toBe(true);
  expect(light!.shade!.width).toBeGreaterThan(0);
  expect(light!.shade!.away).toBeLessThanOrEqual(1.6);
  const stand: Block = {
    ...wall(0, 1, 1),
    id: "stand",
    kind: "stand",
    height: 20,
    outline: boxOutline({ middle: { x: -5, y: -45 }, length: 60, width: 4, bearing: 90 }),
  };
  const shaded = looking([mesh(0.3), stand]);
  expect(meshLight(between, lens, [shaded.scene])[0]).toEqual({ at: AT, sunOn: false });
});

test("the sky behind: deeper from lower down, as practice has it, and none under cloud or with a wall behind", () => {
  const up = (aimHeight: number) => {
    const input = looking([], { lensHeight: 0.3 }, { aimHeight });
    return skyBehind({ scene: input.scene, sighting: pictureOf(input).sighting });
  };
  const [low, high] = [up(3)!, up(14)!];
  expect(high.ev).toBeLessThan(low.ev);
  expect(high.overDeepest).toBeLessThan(low.overDeepest);
  expect(low.deepestAt).toBeGreaterThan(30);
  expect(up(0.2)).toBeUndefined();
});

test("a right arm covers the face from the right and leaves it open from the left; a crawl swimmer opens to the breath", () => {
  const shooter = faceShares("hand", -45);
  expect(shooter.map((s) => [s.code, s.seen])).toEqual([
    ["right-handed", "open"],
    ["left-handed", "covered"],
  ]);
  expect(faceShares("hand", 45)[0]!.seen).toBe("covered");
  expect(faceShares("breath", 90)[0]!.seen).toBe("open");
  expect(faceShares("hand", 170).every((s) => s.seen === "away")).toBe(true);
  for (const by of ["hand", "breath", "take-off"] as const)
    expect(faceShares(by, 0).reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 12);
  expect(faceShares("hand", -45, "left")).toEqual([{ code: "left-handed", share: 1, seen: "covered" }]);
  expect(faceShares("hand", 45, "left")[0]!.seen).toBe("open");
  expect(faceShares("breath", -90, "left")[0]!.seen).toBe("open");
  // Off the right foot is the mirror of off the left.
  expect(faceShares("take-off", 45, "right")[0]!.seen).toBe(faceShares("take-off", -45, "left")[0]!.seen);
  expect(isMirrored("take-off", "left")).toBe(false);
  expect(isMirrored("hand", undefined)).toBe(false);
  expect(sidedBy({ id: "basketball-jump-shot", figure: "jumping" })).toBe("hand");
  expect(sidedBy({ id: "swimmer-crawl", figure: "swimming" })).toBe("breath");
  expect(sidedBy({ id: "otter-bank", figure: "otter" })).toBeUndefined();
});

test("the best cover is that of an exhaustive search, and one place more never serves worse", () => {
  const score = fc.option(fc.double({ min: 0, max: 1, noNaN: true }), { nil: undefined });
  fc.assert(
    fc.property(
      fc.array(fc.array(score, { minLength: 4, maxLength: 4 }), { minLength: 1, maxLength: 6 }),
      (scores) => {
        const weights = [3, 2, 2, 1];
        const worth = (places: number[]): number =>
          weights.reduce((sum, w, s) => sum + w * Math.max(0, ...places.map((p) => scores[p]![s] ?? 0)), 0);
        let before = 0;
        for (const count of [1, 2, 3]) {
          const all = scores.flatMap((_, a) =>
            scores.flatMap((__, b) => scores.map((___, c) => [a, b, c].slice(0, count))),
          );
          const best = Math.max(...all.map(worth));
          const cover = bestCover(scores, weights, count);
          expect(cover.value).toBeCloseTo(best, 9);
          expect(cover.value).toBeGreaterThanOrEqual(before - 1e-9);
          before = cover.value;
        }
      },
    ),
  );
});

test("a slit lets the lens look as far round as its half width over the depth behind it, and no lower than its sill", () => {
  const slit = { facing: 0, width: 0.4, sill: 1, top: 1.3, back: 0.2 };
  expect(slitReach(slit)).toBeCloseTo(45, 9);
  const lens = { x: 0, y: 0, z: 1.1 };
  const miss = (x: number, y: number, z: number) => missOfSlit(slit, lens, { x, y, z }, 0);
  expect(miss(0, 20, 1.1)).toBeUndefined();
  expect(miss(19, 20, 1.1)).toBeUndefined();
  expect(miss(30, 20, 1.1)!.aside).toBeCloseTo(56.31 - 45, 1);
  // From 0.1 m over the sill and 0.2 m behind it one looks down by at most 26.6°.
  expect(miss(0, 2, 0.2)).toBeUndefined();
  expect(miss(0, 1, 0.2)!.above).toBeLessThan(0);
  expect(miss(0, 1, 3)!.above).toBeGreaterThan(0);
});

describe("a pane of glass on the line", () => {
  const pane = (from: number, to: number, base: number, height: number, bearing = 90): Block => ({
    id: `pane-${base}`,
    name: "Glass",
    kind: "glass",
    outline: boxOutline({ middle: { x: (from + to) / 2, y: -28 }, length: to - from, width: 0.02, bearing }),
    height,
    base,
  });
  const lost = (obstacles: readonly Obstacle[], position: Partial<Position> = {}): number =>
    lostLight(looking(obstacles, position), 0).glass;

  test("takes 8 % of the light, nothing over its top, and as much as a pane told of the place (handbook)", () => {
    const whole = lost([pane(-5, 5, 0.8, 2)]);
    expect(2 ** -whole).toBeCloseTo(0.917, 2);
    expect(lost([pane(-5, 5, 0, 0.8)])).toBe(0);
    expect(lost([], { pane: { sheets: 1, facing: 0 } })).toBeCloseTo(whole, 9);
    expect(lost([pane(-5, 5, 0.8, 2)], { pane: { sheets: 1, facing: 0 } })).toBeCloseTo(2 * whole, 9);
  });

  test("aslant it takes more; it is said, hides nothing, and is no background", () => {
    const square = pictureOf(looking([pane(-5, 5, 0.8, 2)]));
    expect(lost([pane(-5, 5, 0.8, 2, 20)])).toBeGreaterThan(1.5 * lost([pane(-5, 5, 0.8, 2)]));
    expect(square.judgement.map(({ code }) => code)).toContain("through-glass");
    expect(square.judgement.map(({ code }) => code)).not.toContain("blocked");
    const behind = {
      ...pane(-50, 50, 0, 4),
      outline: boxOutline({ middle: { x: 0, y: 9 }, length: 80, width: 0.02, bearing: 90 }),
    };
    expect(pictureOf(looking([behind])).sighting.background.kind).toBe(
      pictureOf(looking([])).sighting.background.kind,
    );
  });

  test("the holes of a rink are looked through without it, and the glass beside them is not", () => {
    const glass = furnitureOf({ template: "ice-hockey", bearing: 0, centre: { x: 0, y: 0 } });
    const from = (y: number, lensHeight = 1.5): number => lost(glass, { at: { x: 15.2, y }, lensHeight });
    expect([from(14), from(-14)]).toEqual([0, 0]);
    expect(from(12)).toBeGreaterThan(0.1);
    expect(from(14, 1.8)).toBeGreaterThan(0.1);
  });
});

test("nobody stands on the top of boards, however high the lens is", () => {
  const boards: Block = { ...wall(0, 4, 1), kind: "boards" };
  const codes = (y: number): string[] =>
    pictureOf(looking([boards], { at: { x: 0, y }, lensHeight: 1.6 })).judgement.map((j) => j.code);
  expect(codes(-15)).toContain("inside-obstacle");
  expect(codes(-16)).not.toContain("inside-obstacle");
});
