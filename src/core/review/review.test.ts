import fc from "fast-check";
import {
  keepersBy,
  paceFrom,
  panSpreadFrom,
  slowestThatKeeps,
  trackingResidualFrom,
  acceptedFrom,
  clusteredInterval,
  wilsonInterval,
  zoneOffsetsFrom,
} from ".";

const bounds = (kept: number, taken: number): number[] => {
  const found = wilsonInterval({ kept, taken });
  return found.ok ? [found.value.low, found.value.high].map((b) => Math.round(b * 1e4) / 1e4) : [];
};

// Newcombe 1998, "Two-sided confidence intervals for the single proportion", table I, method 3 (from memory).
test("Wilson's interval as published: 81/263, 15/148, 0/20, 1/29", () => {
  expect(bounds(81, 263)).toEqual([0.2553, 0.3662]);
  expect(bounds(15, 148)).toEqual([0.0624, 0.1605]);
  expect(bounds(0, 20)).toEqual([0, 0.1611]);
  expect(bounds(1, 29)).toEqual([0.0061, 0.1718]);
});

test("a thousand frames for twenty-five to thirty keepers (common practice) lie within one another's bounds", () => {
  const [low, high] = bounds(27, 1000);
  expect(low).toBeLessThan(0.025);
  expect(high).toBeGreaterThan(0.03);
  expect(wilsonInterval({ kept: 0, taken: 0 })).toEqual({ ok: false, reason: "nothing-taken" });
});

test("the bounds hold the share, lie in 0 … 1, mirror for what was not kept, and narrow with more frames", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 5000 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (taken, share) => {
        const kept = Math.round(share * taken);
        const [a, b, more] = [
          wilsonInterval({ kept, taken }),
          wilsonInterval({ kept: taken - kept, taken }),
          wilsonInterval({ kept: 10 * kept, taken: 10 * taken }),
        ];
        if (!a.ok || !b.ok || !more.ok) throw new Error("absent");
        expect(a.value.low).toBeGreaterThanOrEqual(0);
        expect(a.value.low).toBeLessThanOrEqual(a.value.share + 1e-12);
        expect(a.value.high).toBeGreaterThanOrEqual(a.value.share - 1e-12);
        expect(b.value.low).toBeCloseTo(1 - a.value.high, 9);
        expect(more.value.high - more.value.low).toBeLessThan(a.value.high - a.value.low);
      },
    ),
  );
});

const series = (shutter: number, kept: number, taken: number) => ({
  settings: { shutter, aperture: 9, iso: 12 },
  kept,
  taken,
});

test("keepers by shutter: series of one mark are one row, slowest first, and luck with three frames shows nothing", () => {
  const rows = keepersBy("shutter", [
    series(30, 40, 60),
    series(24, 3, 3),
    series(30, 30, 40),
    series(27, 10, 80),
  ]);
  expect(rows.map((r) => [r.click, r.kept, r.taken])).toEqual([
    [24, 3, 3],
    [27, 10, 80],
    [30, 70, 100],
  ]);
  expect(slowestThatKeeps(rows, 0.5)).toEqual({ ok: true, value: 30 });
  expect(slowestThatKeeps(rows, 0.9)).toMatchObject({ ok: false, reason: "not-shown-yet" });
});

/** Normal numbers from a seed, the same on every machine (mulberry32 and Box and Muller). */
function normals(seed: number): () => number {
  let state = seed;
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}

test("the spread of a pan is found again from frames drawn with it, and its bounds hold it", () => {
  const frames = Array.from({ length: 400 }, normals(7)).map((n, i) => {
    const streakUm = 1500 + 40 * (i % 30);
    return { streakUm, restUm: 8, smearUm: Math.hypot(0.04 * n * streakUm, 8) };
  });
  const found = panSpreadFrom(frames);
  if (!found.ok) throw new Error(found.reason);
  expect(found.value.value).toBeCloseTo(0.04, 2);
  expect(found.value.low).toBeLessThan(0.04);
  expect(found.value.high).toBeGreaterThan(0.04);
  const few = panSpreadFrom(frames.slice(0, 20));
  if (!few.ok) throw new Error(few.reason);
  expect(few.value.high - few.value.low).toBeGreaterThan(3 * (found.value.high - found.value.low));
  expect(panSpreadFrom(frames.slice(0, 4))).toEqual({
    ok: false,
    reason: "too-few-frames",
    numbers: { frames: 4, least: 5 },
  });
});

test("the residual of a following hand comes out of smears made with it; a hand that leaves nothing is 0", () => {
  const frame = (transverseSpeed: number, share: number) => {
    const speed = Math.hypot(share * transverseSpeed, 0.5);
    return {
      transverseSpeed,
      bob: 0.5,
      exposure: 1 / 500,
      umPerMetre: 9000,
      restUm: 10,
      smearUm: Math.hypot((speed * 9000) / 500, 10),
    };
  };
  const speeds = [3, 5, 6, 7, 8, 9, 10];
  const learnt = trackingResidualFrom(speeds.map((v) => frame(v, 0.11)));
  expect(learnt.ok && learnt.value.value).toBeCloseTo(0.11, 9);
  const perfect = trackingResidualFrom(speeds.map((v) => frame(v, 0)));
  expect(perfect.ok && perfect.value.value).toBeCloseTo(0, 6);
  expect(trackingResidualFrom(speeds.map((v) => ({ ...frame(v, 0.1), transverseSpeed: 0 })))).toMatchObject({
    ok: false,
  });
});

const SERIES = 2000;
type Draw = (normal: () => number, i: number) => Parameters<typeof trackingResidualFrom>[0][number];

/** How often, of many made-up series of frames, the interval holds the share that they were made with. */
function coverage(frames: number, share: number, draw: Draw): number {
  const normal = normals(7);
  let held = 0;
  for (let n = 0; n < SERIES; n++) {
    const found = trackingResidualFrom(Array.from({ length: frames }, (_, i) => draw(normal, i)));
    if (found.ok && found.value.low <= share && share <= found.value.high) held++;
  }
  return held / SERIES;
}

test.each([
  [10, 0.15, 0.5],
  [10, 0.08, 0.3],
  [24, 0.15, 0.5],
  [64, 0.15, 0.5],
  [64, 0.3, 0],
])(
  "the interval of a following hand holds its share in 93 to 97 of a hundred: %i frames, share %f, bob %f",
  (frames, share, bob) => {
    const held = coverage(frames, share, (normal, i) => {
      const transverseSpeed = 2 + ((i * 7) % 11);
      const speed = Math.hypot(share * transverseSpeed, bob) * normal();
      const [exposure, umPerMetre, restUm] = [1 / (400 + 100 * (i % 9)), 6000 + 900 * (i % 7), 10];
      return {
        transverseSpeed,
        bob,
        exposure,
        umPerMetre,
        restUm,
        smearUm: Math.hypot(speed * exposure * umPerMetre, restUm),
      };
    });
    expect(held).toBeGreaterThan(0.93);
    expect(held).toBeLessThan(0.97);
  },
);

test.each([10, 64])(
  "the interval of a panning hand holds its spread in 93 to 97 of a hundred: %i frames",
  (frames) => {
    const normal = normals(11);
    let held = 0;
    for (let n = 0; n < SERIES; n++) {
      const series = Array.from({ length: frames }, (_, i) => {
        const streakUm = 900 + 400 * (i % 6);
        return { streakUm, restUm: 8, smearUm: Math.hypot(0.05 * normal() * streakUm, 8) };
      });
      const found = panSpreadFrom(series);
      if (found.ok && found.value.low <= 0.05 && 0.05 <= found.value.high) held++;
    }
    expect(held / SERIES).toBeGreaterThan(0.93);
    expect(held / SERIES).toBeLessThan(0.97);
  },
);

test("frames of something slow, which tell little of the hand, do not outweigh those of something fast", () => {
  const frame = (transverseSpeed: number, speed: number) => ({
    transverseSpeed,
    bob: 0.5,
    exposure: 1 / 500,
    umPerMetre: 9000,
    restUm: 0,
    smearUm: (speed * 9000) / 500,
  });
  const fast = Array.from({ length: 8 }, () => frame(10, Math.hypot(1, 0.5)));
  const slow = Array.from({ length: 30 }, (_, i) => frame(1, i % 2 === 0 ? 0.9 : 0));
  const found = trackingResidualFrom([...fast, ...slow]);
  expect(found.ok && found.value.value).toBeCloseTo(0.1, 1);
});

test("zones are found against the reference zone: below the basket two clicks under mid-court", () => {
  const zones = [
    { id: "mid", name: "Mid-court", offsetClicks: 0 },
    { id: "basket", name: "Below the basket", offsetClicks: -1 },
    { id: "corner", name: "Corner", offsetClicks: 0 },
  ];
  const reading = (zoneId: string, offClicks: number) => ({
    id: `${zoneId}${offClicks}`,
    zoneId,
    spotId: "s",
    positionId: "p",
    at: 0,
    settingsEv: 7,
    offClicks,
    modelEv: 7,
    dayShare: 0,
  });
  const found = zoneOffsetsFrom(
    [reading("mid", 1), reading("mid", 1), reading("basket", 0), reading("basket", -1)],
    zones,
    "mid",
  );
  expect(found.map((z) => [z.zoneId, z.readings, z.offsetClicks])).toEqual([
    ["mid", 2, 0],
    ["basket", 2, -1 + Math.round(-1.5)],
  ]);
  expect(found[1]!.spread).toBeCloseTo(1 / 3, 9);
  expect(zoneOffsetsFrom([reading("corner", 3)], zones, "mid")[0]!.offsetClicks).toBe(3);
});

/** Even numbers of 0 … 1, the same from the same seed (Park and Miller's generator). */
function evenly(seed: number): () => number {
  let state = (seed * 48271) % 2147483647 || 1;
  const next = (): number => (state = (state * 48271) % 2147483647) / 2147483647;
  for (let i = 0; i < 5; i++) next();
  return next;
}

/** A share about `mean` that bursts have in common with correlation `rho`: a beta, by Jöhnk's rejection or by sums of logarithms. */
function sharedBy(next: () => number, mean: number, rho: number): number {
  if (rho === 0) return mean;
  const [a, b] = [(mean * (1 - rho)) / rho, ((1 - mean) * (1 - rho)) / rho];
  for (;;) {
    const [x, y] = [next() ** (1 / a), next() ** (1 / b)];
    if (x + y <= 1 && x + y > 0) return x / (x + y);
  }
}

test("shares over bursts hold the true one in 93 to 97 % of runs, and no case under 88 %", () => {
  const covers: number[] = [];
  for (const taken of [10, 30, 100, 300])
    for (const share of [0.1, 0.3, 0.5, 0.7, 0.9])
      for (const rho of [0, 0.5]) {
        const next = evenly(taken * 1000 + share * 100 + rho * 10);
        let held = 0;
        const RUNS = 4000;
        for (let run = 0; run < RUNS; run++) {
          const bursts = [];
          for (let left = taken; left > 0;) {
            const count = Math.min(left, 1 + Math.floor(next() * 9));
            left -= count;
            const own = sharedBy(next, share, rho);
            let kept = 0;
            for (let i = 0; i < count; i++) kept += next() < own ? 1 : 0;
            bursts.push({ taken: count, kept });
          }
          const found = clusteredInterval(bursts);
          if (found.ok && found.value.low <= share && share <= found.value.high) held++;
        }
        covers.push(held / RUNS);
      }
  expect(covers).toHaveLength(40);
  expect(Math.min(...covers)).toBeGreaterThanOrEqual(0.88);
  const mean = covers.reduce((a, b) => a + b, 0) / covers.length;
  expect(mean).toBeGreaterThanOrEqual(0.93);
  expect(mean).toBeLessThanOrEqual(0.97);
});

test("frames apart say what Wilson says; frames of one burst say less; loose ones beside them count in full", () => {
  const apart = clusteredInterval([], { taken: 40, kept: 10 });
  const wilson = wilsonInterval({ taken: 40, kept: 10 });
  expect(apart).toMatchObject(wilson);
  const four = Array.from({ length: 4 }, (_, i) => ({ taken: 10, kept: i === 0 ? 10 : 0 }));
  const bursts = clusteredInterval(four);
  expect(bursts.ok && apart.ok && bursts.value.high - bursts.value.low).toBeGreaterThan(
    apart.ok ? 1.5 * (apart.value.high - apart.value.low) : NaN,
  );
  expect(bursts).toMatchObject({ value: { taken: 40, kept: 10, share: 0.25 } });
  expect(clusteredInterval([]).ok).toBe(false);
});

test("a hand is found without bias: under 5 % over many runs, of following and of panning", () => {
  const next = evenly(99);
  const normal = (): number => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next());
  const RUNS = 400;
  let [following, panning] = [0, 0];
  for (let run = 0; run < RUNS; run++) {
    const followed = Array.from({ length: 40 }, () => {
      const speed = 5 + 5 * next();
      const left = Math.hypot(0.12 * speed, 0.4) * normal();
      return {
        smearUm: Math.hypot(left * 0.001 * 9000, 6),
        restUm: 6,
        exposure: 0.001,
        umPerMetre: 9000,
        transverseSpeed: speed,
        bob: 0.4,
      };
    });
    const panned = Array.from({ length: 40 }, () => {
      const streakUm = 300 + 900 * next();
      return { streakUm, smearUm: Math.hypot(0.04 * streakUm * normal(), 8), restUm: 8 };
    });
    const [a, b] = [trackingResidualFrom(followed), panSpreadFrom(panned)];
    following += a.ok ? a.value.value ** 2 / RUNS : NaN;
    panning += b.ok ? b.value.value ** 2 / RUNS : NaN;
  }
  expect(Math.abs(Math.sqrt(following) / 0.12 - 1)).toBeLessThan(0.05);
  expect(Math.abs(Math.sqrt(panning) / 0.04 - 1)).toBeLessThan(0.05);
});

test("the ISO up to which frames are kept is that of nine in ten, with the bounds of its rank", () => {
  expect(acceptedFrom([{ click: 9, kept: 9 }]).ok).toBe(false);
  const found = acceptedFrom([
    { click: 12, kept: 50 },
    { click: 15, kept: 42 },
    { click: 21, kept: 8 },
  ]);
  expect(found).toEqual({ ok: true, value: { value: 15, low: 15, high: 21, frames: 100 } });
});

test("a pace is found again from walks of which each is a little off, and its interval holds it in 93 to 97 %", () => {
  const RUNS = 4000;
  for (const [walks, pace, off] of [
    [5, 1.2, 0.1],
    [20, 0.9, 0.25],
  ] as const) {
    const normal = normals(17);
    let [held, sum] = [0, 0];
    for (let run = 0; run < RUNS; run++) {
      const found = paceFrom(
        Array.from({ length: walks }, (_, i) => {
          const [metres, grams] = [60 + 40 * (i % 7), 3000 + 1500 * (i % 6)];
          // Above five kilograms each further one takes 1.5 % of the pace.
          const loaded = pace * (1 - 0.015 * Math.max(0, grams / 1000 - 5));
          return { metres, grams, seconds: metres / (loaded * Math.exp(off * normal())) };
        }),
      );
      if (!found.ok) throw new Error(found.reason);
      sum += found.value.value;
      if (found.value.low <= pace && pace <= found.value.high) held++;
    }
    expect(held / RUNS).toBeGreaterThan(0.93);
    expect(held / RUNS).toBeLessThan(0.97);
    expect(Math.abs(sum / RUNS / pace - 1)).toBeLessThan(0.05);
  }
  expect(paceFrom([])).toEqual({ ok: false, reason: "too-few-frames", numbers: { frames: 0, least: 5 } });
});
