import { demoKit, demoShoots } from "../../../demo";
import { sceneAt } from "../scene";
import { isInside } from "../ground";
import {
  assess,
  gridOf,
  searchPositions,
  shortList,
  type HeatCell,
  type SearchInput,
  type SearchResult,
} from ".";

const shoot = demoShoots[0]!;
const { ground } = shoot;
const shot = shoot.shots[0]!;
const rig = (lens: number) => ({
  body: demoKit.bodies[0]!,
  lens: demoKit.lenses[lens]!,
  support: demoKit.supports[1]!,
});
const square = [
  { x: -45, y: -70 },
  { x: 45, y: -70 },
  { x: 45, y: 70 },
  { x: -45, y: 70 },
];
const noon = Date.UTC(2026, 9, 17, 14);
const input: SearchInput = {
  shot,
  subject: shoot.subjects.find((s) => s.id === shot.subjectId)!,
  order: ["lift", "aperture", "shutter", "iso"],
  ground,
  light: { cloudEighths: 2, readings: [] },
  area: [square],
  step: 6,
  lensHeights: [0.6, 1.6],
  times: [noon, noon + 3_600_000],
  rigs: [rig(0), rig(1)],
};

function run(search: SearchInput): { result: SearchResult; reports: number[] } {
  const walk = searchPositions(search);
  const reports: number[] = [];
  for (;;) {
    const step = walk.next();
    if (step.done) return { result: step.value, reports };
    reports.push(step.value.done / step.value.total);
  }
}

test("the grid covers the area and nothing else; no area or no step is an empty grid", () => {
  const places = gridOf([square], 6);
  expect(places.length).toBeGreaterThan(300);
  expect(places.every((p) => isInside(p, square))).toBe(true);
  expect(gridOf([], 6)).toEqual([]);
  expect(gridOf([square], 0)).toEqual([]);
});

test("the best of each place is what assessing every time, height and rig by hand finds", () => {
  const { result } = run({ ...input, step: 18 });
  let compared = 0;
  for (const cell of result.heat) {
    let best = -1;
    for (const time of input.times)
      for (const lensHeight of input.lensHeights)
        for (const r of input.rigs) {
          const found = assess({
            shot,
            subject: input.subject,
            order: input.order,
            rig: r,
            scene: sceneAt(ground, input.light, time),
            position: { id: "x", name: "x", at: cell.at, lensHeight },
          });
          if (found.ok && !found.score.vetoed) best = Math.max(best, found.score.value);
        }
    expect(cell.best?.score ?? -1).toBeCloseTo(best, 4);
    if (!cell.best) expect(cell.veto).toBeDefined();
    compared++;
  }
  expect(compared).toBe(result.heat.length);
  expect(result.heat.some((c) => c.best) && result.heat.some((c) => c.veto)).toBe(true);
  expect(result.assessed).toBe(8 * compared);
});

test("it reports as it goes, can be left half way, and gives the same again when taken up", () => {
  const { result, reports } = run(input);
  expect(reports.length).toBeGreaterThan(1);
  expect([...reports].sort((a, b) => a - b)).toEqual(reports);
  const walk = searchPositions(input);
  walk.next();
  walk.next();
  // Left alone while another search runs from start to end; then taken up again.
  expect(run(input).result).toEqual(result);
  let step = walk.next();
  while (!step.done) step = walk.next();
  expect(step.value).toEqual(result);
});

test("nobody is sent onto the pitch", () => {
  const { result } = run(input);
  const pitch = ground.noGo[0]!.outline;
  const inside = result.heat.filter((c) => isInside(c.at, pitch));
  expect(inside.length).toBeGreaterThan(5);
  expect(inside.every((c) => c.best === undefined && c.veto !== undefined)).toBe(true);
});

test("the short list is different places, best first, none of them near a better one", () => {
  const { result } = run(input);
  const list = shortList(result.heat, { most: 5, apart: 15 });
  expect(list).toHaveLength(5);
  list.forEach((a, i) =>
    list.slice(i + 1).forEach((b) => {
      expect(Math.hypot(a.at.x - b.at.x, a.at.y - b.at.y)).toBeGreaterThanOrEqual(15);
      expect(a.score).toBeGreaterThanOrEqual(b.score);
    }),
  );
  const all = result.heat.flatMap((c: HeatCell) => (c.best ? [c.best.score] : []));
  expect(list[0]!.score).toBe(Math.max(...all));
});

test("with a start the walk counts: of two like places the nearer one is better", () => {
  const from = { x: 40, y: -65 };
  const walked = run({ ...input, from }).result.heat;
  const free = run(input).result.heat;
  const loss = (at: { x: number; y: number }): number => {
    const same = (c: HeatCell) => c.at.x === at.x && c.at.y === at.y;
    return (free.find(same)?.best?.score ?? 0) - (walked.find(same)?.best?.score ?? 0);
  };
  const best = walked.filter((c) => c.best).map((c) => c.at);
  const distance = (p: { x: number; y: number }) => Math.hypot(p.x - from.x, p.y - from.y);
  const sorted = [...best].sort((a, b) => distance(a) - distance(b));
  expect(loss(sorted[0]!)).toBeLessThan(loss(sorted[sorted.length - 1]!));
});
