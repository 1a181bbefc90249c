import { shutterNearest } from "@/core/exposure";
import type { Run } from "@/data";
import { demoOutings } from "../../../demo";
import { anOuting, looked } from "../../../test/outings";
import { blurAsked, blurPictures } from "./blur";
import { courseOf, ownToBegin, withKit } from "./course";
import { biasOf, lightScene, minuteOf } from "./light";
import { heldBy, momentKinds, riseAt } from "./moment";
import {
  crossingError,
  panDrill,
  panPictures,
  panShares,
  placeInView,
  tellsFastEnough,
  turnedReadings,
} from "./pan";
import { measuredOf, runsOf } from "./runs";
import { lossOf, standAsked, standPictures } from "./stand";
import { stopsAsked, stopsCosts } from "./stops";

const hockey = anOuting("hockey-semi-final");
const { view } = hockey;

test("the pan is of the shot's own speed and distance, and a hand that goes with it is off by nothing", () => {
  const drill = panDrill(view)!;
  expect(drill.task.distance).toBe(view.found!.sighting.distance);
  expect(drill.task.speed).toBeGreaterThanOrEqual(view.found!.motion.body.transverseSpeed);
  expect(Math.abs(placeInView(drill, drill.seconds / 2))).toBeCloseTo(1, 6);
  const readings = Array.from({ length: 90 }, (_, i) => {
    const at = -0.6 + (1.2 * i) / 89;
    return { at, bearing: (drill.toward * placeInView(drill, at) * drill.task.view) / 2 };
  });
  const right = crossingError(drill, readings);
  expect(right.ok && right.value).toBeCloseTo(0, 6);
  const slow = crossingError(
    drill,
    readings.map((r) => ({ ...r, bearing: 0.9 * r.bearing })),
  );
  expect(slow.ok && slow.value).toBeCloseTo(-0.1, 6);
});

test("a turning phone counts the way it turned, whichever sign it tells, and from its own clock", () => {
  const drill = panDrill(view)!;
  const told = (sign: number) =>
    Array.from({ length: 120 }, (_, i) => {
      const at = 5000 + 10 * i;
      const seconds = (at - 5600) / 1000;
      const step = 1e-4;
      const rate =
        ((placeInView(drill, seconds + step) - placeInView(drill, seconds - step)) *
          drill.toward *
          drill.task.view) /
        (4 * step);
      return { at, rate: sign * 1.2 * rate };
    });
  for (const sign of [1, -1]) {
    const found = crossingError(drill, turnedReadings(told(sign), 5600));
    expect(found.ok && found.value).toBeCloseTo(0.2, 2);
  }
  expect(tellsFastEnough(told(1))).toBe(true);
  expect(tellsFastEnough(told(1).filter((_, i) => i % 4 === 0))).toBe(false);
});

test("a steadier pan keeps more at every shutter, and a slower shutter less", () => {
  const drill = panDrill(view)!;
  const [steady, loose] = [panShares(drill, 0.02), panShares(drill, 0.2)];
  expect(steady.map((s) => s.shutter)).toEqual(
    [1 / 125, 1 / 60, 1 / 30, 1 / 8].map((s) => shutterNearest(s)),
  );
  steady.forEach((s, i) => {
    expect(s.chance).toBeGreaterThanOrEqual(loose[i]!.chance);
    if (i > 0) expect(s.chance).toBeLessThanOrEqual(steady[i - 1]!.chance + 1e-9);
  });
  const kept = (shares: typeof steady): number => shares.reduce((sum, s) => sum + s.chance, 0);
  expect(kept(steady)).toBeGreaterThan(kept(loose));
});

test("the picture of a pan that was off is smeared more than the perfect one", () => {
  const drill = panDrill(view)!;
  const [came, perfect] = panPictures(drill, 0.2, () => [])!;
  expect([came.width, came.height]).toEqual([perfect.width, perfect.height]);
  expect(JSON.stringify(came)).not.toBe(JSON.stringify(perfect));
});

test("what is waited for rises to its instant, and a body that keeps frames from before holds late presses", () => {
  for (const kind of momentKinds()) {
    expect(riseAt(kind, 0)).toBeCloseTo(1, 9);
    expect(riseAt(kind, -kind.lead)).toBeCloseTo(0, 6);
  }
  const [jump] = momentKinds() as [ReturnType<typeof momentKinds>[number]];
  const late = [250, 300, 350, 400];
  const rig = view.rig!;
  const fast = { ...rig, body: { ...rig.body, framesPerSecond: 20, preBurstFrames: 20 } };
  expect(heldBy(fast, late, jump)).toMatchObject({ alone: 0, burst: 0, preBurst: 1, before: 1 });
  expect(heldBy(undefined, [0], jump)).toEqual({ alone: 1 });
});

test("questions of stops are about the shot's own settings, and slower answers smear more", () => {
  let asked = 0;
  for (const outing of demoOutings)
    for (let seed = 0; seed < 9; seed++) {
      const { view: own } = looked(outing);
      const question = stopsAsked(own, seed);
      if (!question) continue;
      asked++;
      expect(question.from).toEqual(own.found!.settings.settings);
      const costs = stopsCosts(own, question);
      question.options.forEach(({ settings }, i) =>
        question.options.forEach((other, j) => {
          if (settings.shutter < other.settings.shutter)
            expect(costs[i]!.blurPx).toBeGreaterThanOrEqual(costs[j]!.blurPx);
        }),
      );
    }
  expect(asked).toBe(9 * demoOutings.length);
  expect(stopsAsked({ found: undefined }, 1)).toBeUndefined();
});

test("a scene's EV is that of the plan at its minute, and a hall is a hall", () => {
  for (let seed = 0; seed < 5; seed++) {
    const at = minuteOf(view, seed);
    expect(at).toBeGreaterThanOrEqual(view.window.from);
    expect(at).toBeLessThanOrEqual(view.window.until);
    const then = hockey.at(at);
    expect(lightScene(then)?.ev).toBe(then.found!.light.ev);
  }
  const hall = anOuting("handball-league-evening").view;
  expect(lightScene(hall)).toMatchObject({ kind: "roof", isRoofed: true });
  expect(biasOf([{ kind: "roof", off: 1 }])).toMatchObject([{ mean: 1, guesses: 1 }]);
});

test("of a pair one is sharp, and no brightness tells the shutter", () => {
  const question = blurAsked(view, 4)!;
  for (const asks of ["shutter", "cause"] as const) {
    const [soft, sharp] = blurPictures(view, question, asks, [])!;
    expect([soft.stops, sharp.stops]).toEqual([0, 0]);
    expect(sharp.gauss).toEqual({ across: 0, up: 0 });
    expect(JSON.stringify(soft)).not.toBe(JSON.stringify(sharp));
  }
});

test("places are scored by the judge: a position of the outing as its own assessment has it", () => {
  let own = 0;
  for (let seed = 0; seed < 12; seed++) {
    const places = standAsked(view, seed);
    expect(places).toHaveLength(4);
    expect(places.map((p) => p.position.name)).toEqual(["1", "2", "3", "4"]);
    for (const place of places) {
      const known = view.outing.ground.positions.find((p) => p.id === place.id);
      if (!known) continue;
      own++;
      const found = view.from(known.id);
      expect(place.score).toBe(found?.ok && !found.score.vetoed ? found.score.value : undefined);
    }
    const best = Math.max(...places.map((p) => p.score ?? 0));
    for (const place of places) expect(lossOf(places, place.id)).toBeCloseTo(best - (place.score ?? 0), 12);
    const seen = places.filter((p) => p.found);
    expect(standPictures(view, seen, () => [])).toHaveLength(seen.length);
  }
  expect(own).toBeGreaterThan(5);
});

test("runs of a drill stand in their order with what they say, those of others left out", () => {
  const run = (id: string, drill: Run["drill"], at: number, tries: number[]): Run => ({
    id,
    drill,
    at,
    seed: 1,
    tries,
  });
  const runs = [
    run("b", "pan", 2e12, [0.1, -0.1]),
    run("a", "pan", 1e12, [0.2, -0.2]),
    run("c", "light", 3e11, [1, 1]),
  ];
  expect(runsOf(runs, "pan").map((r) => r.run.id)).toEqual(["a", "b"]);
  expect(measuredOf("pan", [0.2, -0.2])!.spread).toBeCloseTo(0.2, 12);
  // A moment's spread is about its mean: who is always late by as much has none.
  expect(measuredOf("moment", [40, 40, 40])!.spread).toBe(0);
});

test("the course ends in the set that every panel has, and another kit in the lesson gives another set", () => {
  const hall = anOuting("handball-league-evening");
  const { view: seen } = hall;
  const course = courseOf(seen, ownToBegin())!;
  expect(course.set).toEqual(seen.found!.settings.settings);
  expect(course.ladder.filter((r) => r.isOwn)).toHaveLength(1);
  course.ladder.forEach(
    (r, i) => i > 0 && expect(r.blurPx).toBeLessThanOrEqual(course.ladder[i - 1]!.blurPx),
  );
  if (course.holds !== undefined)
    for (const rung of course.ladder.filter((r) => r.shutter < course.holds!))
      expect(rung.chance).toBeLessThan(0.9);
  // Another lens of the kit, slower or longer: other settings.
  const sets = new Set(
    seen.kit.lenses.flatMap(({ id }) => {
      const outing = withKit(seen.outing, seen.shot.id, { bodyId: seen.rig!.body.id, lensId: id });
      const other = courseOf(looked(outing, seen.kit).view, ownToBegin());
      return other ? [JSON.stringify(other.set)] : [];
    }),
  );
  expect(sets.size).toBeGreaterThan(1);
});

test("a stop brighter is a stop on each rail, and what the kit has not is said in clicks", () => {
  const { view: seen } = anOuting("handball-league-evening");
  const own = ownToBegin();
  const { ways } = courseOf(seen, own)!;
  for (const { rail, settings, missing } of ways) {
    const gain =
      settings.iso - own.iso - (settings.shutter - own.shutter) - (settings.aperture - own.aperture);
    expect([rail, gain + missing]).toEqual([rail, 3]);
  }
  const wideOpen = { ...own, aperture: seen.found!.settings.rails.aperture.first };
  expect(courseOf(seen, wideOpen)!.ways.find((w) => w.rail === "aperture")!.missing).toBe(3);
});
