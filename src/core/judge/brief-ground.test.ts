import { demoKit, demoOutings } from "../../../demo";
import { standingAt } from "../ground";
import { bestCover, briefGround, briefPlaces, searchPositions, weightsFor, type BriefGroundInput } from ".";

const outing = demoOutings[0]!;
const rig = {
  body: demoKit.bodies[0]!,
  lens: demoKit.lenses.find((l) => l.id === "zoom-70-200")!,
  support: demoKit.supports[0]!,
};
const AT = Date.UTC(2026, 9, 17, 14);
const shots = outing.shots.slice(0, 3).map((shot) => ({
  shot,
  subject: outing.subjects.find((s) => s.id === shot.subjectId)!,
  rig,
  order: ["lift", "aperture", "shutter", "iso"] as const,
  times: [AT, AT + 3_600_000],
}));
const input: BriefGroundInput = {
  ground: outing.ground,
  light: { cloudEighths: 2, readings: [] },
  shots,
  area: [
    [
      { x: -45, y: -60 },
      { x: 45, y: -60 },
      { x: 45, y: 60 },
      { x: -45, y: 60 },
    ],
  ],
  step: 9,
  lensHeight: 1.6,
};

function end<T>(work: Generator<unknown, T, void>): T {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

test("places for a brief are those where one may stand, scored as positions of one's own there", () => {
  const { places, scores } = end(briefGround(input));
  expect(places.length).toBeGreaterThan(5);
  for (const at of places) expect(["open", "granted"]).toContain(standingAt(outing.ground, at).rule);
  const positions = places.map((at) => ({ id: "own", name: "own", at, lensHeight: 1.6 }));
  expect(end(briefPlaces({ ...input, positions }))).toEqual(scores);
  for (const row of scores) expect(row.some((s) => s !== undefined)).toBe(true);
});

test("no place that was left out would serve a shot better, or all of them", () => {
  const { places, scores } = end(briefGround(input));
  const all: { x: number; y: number }[] = [];
  for (let x = -45; x <= 45; x += 9)
    for (let y = -54; y <= 54; y += 9)
      if (["open", "granted"].includes(standingAt(outing.ground, { x, y }).rule)) all.push({ x, y });
  const positions = all.map((at) => ({ id: "own", name: "own", at, lensHeight: 1.6 }));
  const every = end(briefPlaces({ ...input, positions }));
  const weights = shots.map(() => 1);
  for (const count of [1, 2])
    expect(bestCover(scores, weights, count).value).toBeCloseTo(bestCover(every, weights, count).value, 9);
  expect(places.length).toBeLessThanOrEqual(all.length);
});

test("weights of one's own decide: another part alone gives another best, and nothing at all gives none", () => {
  const asked = shots[0]!;
  const none = Object.fromEntries(Object.keys(weightsFor("freeze")).map((code) => [code, 0]));
  const reach = { ...none, reach: 1 } as ReturnType<typeof weightsFor>;
  const search = (weights: ReturnType<typeof weightsFor>) =>
    end(
      searchPositions({
        shot: asked.shot,
        subject: asked.subject,
        order: asked.order,
        ground: outing.ground,
        light: input.light,
        area: input.area,
        step: 6,
        lensHeights: [1.6],
        times: [AT],
        rigs: [rig],
        list: { most: 3, apart: 5 },
        weights,
      }),
    ).list;
  const byReach = search(reach);
  expect(byReach.length).toBeGreaterThan(0);
  expect(byReach[0]!.score).not.toBe(search(weightsFor("freeze"))[0]!.score);
  expect(search(none as ReturnType<typeof weightsFor>).every((c) => c.score === 0)).toBe(true);
});
