import { demoKit, demoOutings } from "../../../demo";
import { sceneAt } from "../scene";
import { isInside, planDistance, standingAt } from "../ground";
import {
  assess,
  gridOf,
  searchPositions,
  searchStep,
  shortList,
  type HeatCell,
  type SearchInput,
  type SearchResult,
} from ".";

const outing = demoOutings[0]!;
const { ground } = outing;
const shot = outing.shots[0]!;
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
  subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
  order: ["lift", "aperture", "shutter", "iso"],
  ground,
  light: { cloudEighths: 2, readings: [] },
  area: [square],
  step: 6,
  lensHeights: [0.6, 1.6],
  times: [noon, noon + 3_600_000],
  rigs: [rig(0), rig(1)],
  list: { most: 5, apart: 15 },
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

test("the best of each place is what assessing every time, height and rig by hand finds, over the whole span", () => {
  const { result } = run({ ...input, step: 18 });
  let compared = 0;
  for (const cell of result.heat) {
    let best = -1;
    for (const lensHeight of input.lensHeights)
      for (const r of input.rigs) {
        const scores = input.times.map((time) => {
          const found = assess({
            shot,
            subject: input.subject,
            order: input.order,
            rig: r,
            scene: sceneAt(ground, input.light, time),
            position: { id: "x", name: "x", at: cell.at, lensHeight },
          });
          return found.ok && !found.score.vetoed ? found.score.value : -Infinity;
        });
        best = Math.max(best, scores.reduce((sum, s) => sum + s, 0) / scores.length);
      }
    expect(cell.best?.score ?? -1).toBeCloseTo(best, 4);
    if (!cell.best) expect(cell.veto).toBeDefined();
    compared++;
  }
  expect(compared).toBe(result.heat.length);
  expect(result.heat.some((c) => c.best) && result.heat.some((c) => c.veto)).toBe(true);
});

test("a search looked at one minute: a place that breaks a limit within the span says when", () => {
  const lamps = { class: "III" as const, from: noon };
  const evening = Array.from({ length: 5 }, (_, i) => noon + i * 3_600_000);
  const { result } = run({ ...input, step: 18, times: evening, light: { ...input.light, lamps } });
  expect(result.list.length).toBeGreaterThan(0);
  for (const { at, lensHeight, rig: r, breaks } of result.list) {
    const short = evening.find((time) => {
      const scene = sceneAt(ground, { ...input.light, lamps }, time);
      const position = { id: "x", name: "x", at, lensHeight };
      const found = assess({
        shot,
        subject: input.subject,
        order: input.order,
        rig: input.rigs[r]!,
        scene,
        position,
      });
      return (
        found.ok &&
        found.judgement.some((j) =>
          ["light-short", "sun-in-frame", "own-shadow", "motion-not-held"].includes(j.code),
        )
      );
    });
    expect(breaks?.at).toBe(short);
  }
  expect(result.list.some((c) => c.breaks)).toBe(true);
});

test("the grid is as fine as the matter asks: a twentieth of the distance, never under a quarter of a metre", () => {
  const small = [
    [
      { x: 0, y: 0 },
      { x: 4, y: 0 },
      { x: 4, y: 4 },
    ],
  ];
  expect(searchStep(40, small)).toBe(2);
  expect(searchStep(0.5, small)).toBe(0.25);
  expect(gridOf([square], searchStep(0.5, [square])).length).toBeLessThan(6000);
});

test("the best places are polished beyond the grid", () => {
  const { result } = run({ ...input, step: 12 });
  const coarse = shortList(result.heat, input.list);
  expect(result.list[0]!.score).toBeGreaterThan(coarse[0]!.score);
  const { result: again } = run({ ...input, step: 12 });
  expect(again.list).toEqual(result.list);
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

test("nobody is sent onto the pitch, into its run-off without leave, or out of a hall", () => {
  const { result } = run(input);
  const on = (rule: string) => result.heat.filter((c) => standingAt(ground, c.at).rule === rule);
  expect(on("never").length).toBeGreaterThan(50);
  expect(on("by-leave").length).toBeGreaterThan(5);
  for (const cell of [...on("never"), ...on("by-leave")]) {
    expect(cell.best).toBeUndefined();
    expect(["no-standing", "needs-leave"]).toContain(cell.veto);
  }
  for (const { at } of result.list) expect(standingAt(ground, at).rule).toBe("open");
  const allowed = run({ ...input, ground: { ...ground, leave: ["run-off"] } }).result;
  expect(allowed.heat.some((c) => c.best && standingAt(ground, c.at).rule === "by-leave")).toBe(true);
  const hall = { outline: square.map(({ x, y }) => ({ x: x * 0.8, y: y * 0.8 })), height: 9 };
  const inside = run({ ...input, ground: { ...ground, hall } }).result;
  expect(inside.heat.filter((c) => c.best).every((c) => isInside(c.at, hall.outline))).toBe(true);
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

test("lists held twins under a metre: the places of a list lie as far apart after the polish as they are asked to", () => {
  for (const apart of [6, 15]) {
    const { list } = run({ ...input, step: 12, list: { most: 5, apart } }).result;
    expect(list.length).toBeGreaterThan(2);
    for (const [i, a] of list.entries())
      for (const b of list.slice(i + 1)) expect(planDistance(a.at, b.at)).toBeGreaterThanOrEqual(apart);
  }
});

test("no place is listed inside the distance that an animal is left, however good the picture there", () => {
  const keepOff = 40;
  const { list, heat } = run({
    ...input,
    dangers: [{ kind: "animal", keepOff, known: "common-practice" }],
  }).result;
  const { at, aimHeight } = input.ground.spots.find((s) => s.id === input.shot.spotId)!;
  const away = (p: { at: { x: number; y: number }; lensHeight: number }) =>
    Math.hypot(p.at.x - at.x, p.at.y - at.y, p.lensHeight - aimHeight);
  expect(list.length).toBeGreaterThan(0);
  for (const place of list) expect(away(place)).toBeGreaterThanOrEqual(keepOff);
  expect(heat.some((c) => c.veto === "keep-off")).toBe(true);
});

test("a place of practice as good as the best stands first with the rank that its score has; a poor or a closed one is not listed", () => {
  const { list } = run({ ...input, step: 12 }).result;
  const second = list[1]!;
  const near = { id: "near", at: second.at, lensHeight: second.lensHeight };
  const within = list[0]!.score - second.score <= 0.05;
  expect(within).toBe(true);
  const found = run({ ...input, step: 12, practice: [near] }).result.list;
  expect(found[0]!.practice).toEqual({ id: "near", rank: 2 });
  expect(found.length).toBeLessThanOrEqual(input.list.most);
  for (const place of found.slice(1))
    expect(planDistance(place.at, second.at)).toBeGreaterThanOrEqual(input.list.apart);
  const onThePitch = { id: "pitch", at: { x: 0, y: 0 }, lensHeight: 1 };
  expect(run({ ...input, step: 12, practice: [onThePitch] }).result.list).toEqual(list);
});
