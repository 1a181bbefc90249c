import fc from "fast-check";
import { evenFrom } from "../units";
import {
  blurQuestion,
  isFastEnough,
  jumpHeight,
  keptAlone,
  keptByBurst,
  lightBias,
  measuredRun,
  MOMENTS,
  momentWaits,
  panBearing,
  panError,
  panRate,
  panSeconds,
  standLoss,
  standQuestion,
  stopsQuestion,
  softenedBy,
  BLUR_CAUSES,
} from ".";

/** Normal numbers of a scripted hand. */
function normals(seed: number): () => number {
  const even = evenFrom(seed);
  return () => Math.sqrt(-2 * Math.log(1 - even())) * Math.cos(2 * Math.PI * even());
}

const SEEDS = 200;
const task = { speed: 12, distance: 24, view: 40 };

/** A hand that turns a little too fast or too slow at each crossing, and trembles. */
function scriptedPan(seed: number, sigma: number, tries: number): number[] {
  const normal = normals(seed);
  return Array.from({ length: tries }, () => {
    const off = sigma * normal();
    const half = panSeconds(task) / 2;
    const readings = Array.from({ length: 120 }, (_, i) => {
      const at = -half + (2 * half * i) / 119;
      return { at, bearing: (1 + off) * panBearing(task, at) + 0.002 * normal() };
    });
    const found = panError({ task, readings, exposure: 1 / 30, at: 0 });
    if (!found.ok) throw new Error(found.reason);
    return found.value;
  });
}

test("a pan's turn is that of a subject on a line: fastest where it is nearest, v over d there, and across the view in its time", () => {
  expect(panRate(task, 0)).toBeCloseTo((task.speed / task.distance) * (180 / Math.PI), 9);
  expect(panRate(task, 1)).toBeLessThan(panRate(task, 0));
  const half = panSeconds(task) / 2;
  expect(panBearing(task, half)).toBeCloseTo(task.view / 2, 9);
  expect(panBearing(task, -half)).toBeCloseTo(-task.view / 2, 9);
  const step = 1e-5;
  expect((panBearing(task, 0.4 + step) - panBearing(task, 0.4 - step)) / (2 * step)).toBeCloseTo(
    panRate(task, 0.4),
    4,
  );
});

test.each([
  [0.05, 12],
  [0.12, 12],
  [0.2, 20],
])(
  "a scripted pan of spread %d over %d crossings is measured as it is, on the mean of 200 seeds and by its interval",
  (sigma, tries) => {
    let [sum, held] = [0, 0];
    for (let seed = 1; seed <= SEEDS; seed++) {
      const found = measuredRun(scriptedPan(seed, sigma, tries), "zero");
      if (!found.ok) throw new Error(found.reason);
      sum += found.value.spread;
      if (found.value.spreadLow <= sigma && sigma <= found.value.spreadHigh) held++;
    }
    expect(Math.abs(sum / SEEDS / sigma - 1)).toBeLessThan(0.1);
    expect(held / SEEDS).toBeGreaterThanOrEqual(0.93);
    expect(held / SEEDS).toBeLessThanOrEqual(0.985);
  },
);

test("over many more runs the interval of a spread holds it in 93 to 97 %, and so does that of a mean", () => {
  const RUNS = 8000;
  const normal = normals(5);
  const held = { zero: 0, spread: 0, mean: 0 };
  for (let run = 0; run < RUNS; run++) {
    const tries = Array.from({ length: 10 }, () => 40 * normal());
    const [zero, mean] = [measuredRun(tries, "zero"), measuredRun(tries.map((t) => t + 25))];
    if (!zero.ok || !mean.ok) throw new Error("absent");
    if (zero.value.spreadLow <= 40 && 40 <= zero.value.spreadHigh) held.zero++;
    if (mean.value.spreadLow <= 40 && 40 <= mean.value.spreadHigh) held.spread++;
    if (mean.value.meanLow <= 25 && 25 <= mean.value.meanHigh) held.mean++;
  }
  for (const count of Object.values(held)) {
    expect(count / RUNS).toBeGreaterThan(0.93);
    expect(count / RUNS).toBeLessThan(0.97);
  }
  expect(measuredRun([1])).toMatchObject({ ok: false, reason: "too-few-tries" });
});

test("a hand that stands still is off by all of it, one that goes twice as fast by as much, and too few readings say nothing", () => {
  const of = (share: number, count = 60) =>
    panError({
      task,
      readings: Array.from({ length: count }, (_, i) => {
        const at = -0.3 + (0.6 * i) / (count - 1);
        return { at, bearing: 7 + share * panBearing(task, at) };
      }),
      exposure: 1 / 60,
      at: 0,
    });
  expect(of(0)).toMatchObject({ ok: true, value: -1 });
  const twice = of(2);
  expect(twice.ok && twice.value).toBeCloseTo(1, 9);
  expect(of(1, 8)).toMatchObject({ ok: false, reason: "too-few-readings" });
});

test("fifty readings in a second are fast enough, thirty are not, nor is too short a look", () => {
  const every = (ms: number, count: number) => Array.from({ length: count }, (_, i) => i * ms);
  expect(isFastEnough(every(20, 40))).toBe(true);
  expect(isFastEnough(every(33, 40))).toBe(false);
  expect(isFastEnough(every(20, 10))).toBe(false);
  expect(isFastEnough([])).toBe(false);
});

test.each([
  [0, 30],
  [60, 45],
  [-20, 80],
])(
  "a scripted finger that presses %d ms late with a spread of %d is measured so, on the mean of 200 seeds",
  (late, sigma) => {
    const sums = { mean: 0, spread: 0, heldMean: 0, heldSpread: 0 };
    for (let seed = 1; seed <= SEEDS; seed++) {
      const normal = normals(seed);
      const found = measuredRun(Array.from({ length: 15 }, () => late + sigma * normal()));
      if (!found.ok) throw new Error(found.reason);
      const { mean, meanLow, meanHigh, spread, spreadLow, spreadHigh } = found.value;
      sums.mean += mean;
      sums.spread += spread;
      if (meanLow <= late && late <= meanHigh) sums.heldMean++;
      if (spreadLow <= sigma && sigma <= spreadHigh) sums.heldSpread++;
    }
    expect(Math.abs(sums.mean / SEEDS - late)).toBeLessThan(0.1 * sigma);
    expect(Math.abs(sums.spread / SEEDS / sigma - 1)).toBeLessThan(0.1);
    for (const held of [sums.heldMean, sums.heldSpread]) {
      expect(held / SEEDS).toBeGreaterThanOrEqual(0.92);
      expect(held / SEEDS).toBeLessThanOrEqual(0.985);
    }
  },
);

test("a jump is at its top at nothing, at the ground after the root of twice its rise over gravity", () => {
  const jump = MOMENTS.find((m) => m.code === "top-of-jump")!;
  expect(jumpHeight(0)).toBe(1);
  expect(jumpHeight(jump.lead)).toBeCloseTo(0, 9);
  expect(jump.lead).toBeCloseTo(Math.sqrt((2 * 0.6) / 9.80665), 9);
  const waits = momentWaits(3, 50);
  expect(momentWaits(3, 50)).toEqual(waits);
  expect(Math.min(...waits)).toBeGreaterThanOrEqual(0.8);
  expect(Math.max(...waits)).toBeLessThan(2.6);
});

test("alone a press holds what it hits; a burst holds what comes after it, and what came before where frames are kept", () => {
  const errors = [-200, -40, 0, 40, 200];
  expect(keptAlone(errors, 0.05)).toBe(0.6);
  // Ten frames a second for a second from the press on: what comes after it falls on or near a frame.
  const burst = { framesPerSecond: 10, seconds: 1, before: 0 };
  expect(keptByBurst(errors, burst, 0.05)).toBe(0.8);
  expect(keptByBurst(errors, { ...burst, before: 0.5 }, 0.05)).toBe(1);
  // A ball on the bat for a thousandth is held by chance alone.
  expect(keptByBurst([-41, -163, -77], burst, 0.0005)).toBe(0);
});

test("the share that a burst holds by chance is twice the half width times its rate", () => {
  const even = evenFrom(11);
  const errors = Array.from({ length: 20_000 }, () => -900 * even());
  const share = keptByBurst(errors, { framesPerSecond: 20, seconds: 2, before: 0 }, 0.005);
  expect(share).toBeCloseTo(2 * 0.005 * 20, 1);
});

/** Clicks of light that settings give, by hand: more with ISO, less with a faster shutter and a narrower aperture. */
const clicksOfLight = (s: { shutter: number; aperture: number; iso: number }): number =>
  s.iso - s.shutter - s.aperture;

const rails = { shutter: [0, 39], aperture: [0, 24], iso: [0, 30] } as const;
const from = { shutter: 27, aperture: 9, iso: 15 };

test("of four answers of stops exactly one is right, by the light that each gives, whatever the seed", () => {
  let asked = 0;
  for (const kind of ["dark", "equal", "zone"] as const)
    for (let seed = 0; seed < 300; seed++) {
      const question = stopsQuestion({ seed, kind, from, rails });
      asked++;
      expect(question.options).toHaveLength(4);
      expect(question.options.filter((o) => o.off === 0)).toHaveLength(1);
      for (const { settings, off } of question.options) {
        expect(clicksOfLight(settings) - clicksOfLight(from)).toBe(question.clicks + off);
        for (const rail of ["shutter", "aperture", "iso"] as const) {
          expect(settings[rail]).toBeGreaterThanOrEqual(rails[rail][0]);
          expect(settings[rail]).toBeLessThanOrEqual(rails[rail][1]);
        }
      }
      if (kind === "equal") expect(question.clicks).toBe(0);
    }
  expect(asked).toBe(900);
  expect(() =>
    stopsQuestion({
      seed: 1,
      kind: "dark",
      from,
      rails: { ...rails, iso: [15, 15], shutter: [27, 27], aperture: [9, 9] },
    }),
  ).toThrow("give rails");
});

test("somebody who takes halls to be two stops brighter has that bias there and none elsewhere", () => {
  let sum = 0;
  for (let seed = 1; seed <= SEEDS; seed++) {
    const normal = normals(seed);
    const guesses = Array.from({ length: 24 }, (_, i) => ({
      kind: i % 3 === 0 ? "hall" : "sun",
      off: (i % 3 === 0 ? 2 : 0) + 0.6 * normal(),
    }));
    const found = lightBias(guesses);
    expect(found.map((b) => b.kind)).toEqual(["sun", "hall"]);
    sum += found[1]!.mean;
    expect(found.reduce((n, b) => n + b.guesses, 0)).toBe(24);
  }
  expect(sum / SEEDS).toBeCloseTo(2, 1);
  expect(lightBias([{ kind: "dusk", off: 1 }])).toEqual([{ kind: "dusk", guesses: 1, mean: 1 }]);
});

test("a question of blur has four shutters a stop apart within the body, the true one among them", () => {
  fc.assert(
    fc.property(fc.nat(), fc.integer({ min: 0, max: 30 }), (seed, planned) => {
      const { shutter, shutters } = blurQuestion({ seed, planned, first: 3, last: 36 });
      expect(shutters.map((s) => s - shutters[0]!)).toEqual([0, 3, 6, 9]);
      expect(shutters[0]).toBeGreaterThanOrEqual(3);
      expect(shutters[3]).toBeLessThanOrEqual(36);
      expect(shutters).toContain(shutter);
    }),
  );
  expect(() => blurQuestion({ seed: 1, planned: 3, first: 0, last: 5 })).toThrow("nine clicks");
});

test("each cause softens by its own: the rest of the picture stays as it was sharp", () => {
  const layer = { shapes: [{ outline: [], luminance: 0.2, tint: [1, 1, 1] as never }], disc: 0 };
  const sharp = {
    width: 300,
    height: 200,
    layers: [
      { ...layer, disc: 20 },
      { ...layer, isSubject: true },
    ],
    gauss: { across: 0, up: 0 },
    stops: 0,
    noise: 0,
    seed: 1,
  };
  const changed = BLUR_CAUSES.map((cause) => {
    const soft = softenedBy(sharp, cause);
    return Object.keys(soft).filter(
      (k) => JSON.stringify(soft[k as keyof typeof soft]) !== JSON.stringify(sharp[k as keyof typeof sharp]),
    );
  });
  expect(changed).toEqual([["layers"], ["gauss"], ["layers"], ["noise"]]);
  // A subject that moves leaves the place behind it still.
  expect(softenedBy(sharp, "subject").layers.map((l) => l.smear !== undefined)).toEqual([false, true]);
});

test("where to stand: the best is always among the four, a vetoed one too, and it costs all of the best", () => {
  const options = Array.from({ length: 9 }, (_, i) => ({
    id: `p${i}`,
    ...(i % 4 !== 3 && { score: i / 10 }),
  }));
  for (let seed = 0; seed < 100; seed++) {
    const asked = standQuestion(seed, options);
    expect(asked).toHaveLength(4);
    expect(asked.map((o) => o.id)).toContain("p8");
    expect(asked.some((o) => o.score === undefined)).toBe(true);
    expect(standLoss(asked, "p8")).toBe(0);
    expect(standLoss(asked, asked.find((o) => o.score === undefined)!.id)).toBe(0.8);
  }
  expect(standQuestion(1, options.slice(0, 2))).toHaveLength(2);
});
