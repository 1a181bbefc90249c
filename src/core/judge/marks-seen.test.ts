import { fromNothing, looked } from "../../../test/outings";
import { marksSeen, MOWN, type Lens } from "./marks-seen";

/** A lens two metres up at a corner of the plan that looks along a way, with a plain projection. */
function lensAt(at: { x: number; y: number }, ahead: { x: number; y: number }): Lens {
  const right = { x: ahead.y, y: -ahead.x };
  return {
    at,
    ahead,
    disc: (metres) => metres / 1000,
    point: (p) => {
      const [dx, dy] = [p.x - at.x, p.y - at.y];
      const deep = dx * ahead.x + dy * ahead.y;
      return { across: (dx * right.x + dy * right.y) / deep, up: (p.z - 2) / deep };
    },
  };
}

const { outing } = looked(fromNothing("football-runner")).view;
/** Metres of ground from the lens to a row of the picture. */
const deepAt = (up: number): number => -2 / up;

test("every other band of the mower is laid over a pitch, as wide as the mower goes", () => {
  const lens = lensAt({ x: 0, y: -40 }, { x: 0, y: 1 });
  const bands = marksSeen(outing.ground, lens).filter((m) => m.kind === "mown");
  expect(bands.length).toBeGreaterThan(5);
  for (const { outline, distance } of bands.filter((b) => b.distance > 12)) {
    const ups = outline.map((p) => p.up);
    const wide = deepAt(Math.max(...ups)) - deepAt(Math.min(...ups));
    expect([distance, wide]).toEqual([distance, expect.closeTo(MOWN, 6)]);
  }
  const farthest = bands.map((b) => b.distance);
  expect(farthest).toEqual([...farthest].sort((a, b) => b - a));
});

test("lines lie over bands, end before the lens, and are nowhere where nothing is painted", () => {
  const lens = lensAt({ x: 0, y: -40 }, { x: 0, y: 1 });
  const marks = marksSeen(outing.ground, lens);
  const first = marks.findIndex((m) => m.kind === "line");
  expect(first).toBeGreaterThan(0);
  expect(marks.slice(first).every((m) => m.kind === "line")).toBe(true);
  for (const { outline } of marks)
    for (const { across, up } of outline) {
      expect(Number.isFinite(across) && Number.isFinite(up)).toBe(true);
      expect(deepAt(up)).toBeGreaterThan(0.99);
    }
  const wild = looked(fromNothing("deer-standing")).view.outing.ground;
  expect(marksSeen(wild, lens)).toEqual([]);
  const hall = looked(fromNothing("handball-throw")).view.outing.ground;
  const painted = marksSeen(hall, lensAt({ x: 0, y: -25 }, { x: 0, y: 1 }));
  expect(painted.length).toBeGreaterThan(4);
  expect(painted.every((m) => m.kind === "line")).toBe(true);
});
