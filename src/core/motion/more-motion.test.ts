import fc from "fast-check";
import {
  burstRun,
  chanceToHold,
  exposureForStreak,
  flickerSwing,
  swingInStops,
  focusDrift,
  panPicture,
  panRate,
  takeOffSpeed,
  topOfJump,
  worstRateChange,
} from ".";
import { panRateChange } from "./pan";

// Common practice: the ladder of a bicycle at 34 km/h, 70 mm at f/8 from 8 m, a spread of 3 %.
test("the pan ladder 1/250 … 1/8: streak 0.9 … 29 % of the frame, keepers 0.99, 0.83, 0.49, 0.26, 0.07", () => {
  const rung = (n: number) =>
    panPicture({
      nearest: 8,
      speed: 34 / 3.6,
      focalLengthMm: 70,
      exposure: 1 / n,
      frameMm: 36,
      length: 1.7,
      spread: 0.03,
      toleranceUm: 27,
    });
  const ladder = [250, 125, 60, 30, 8].map(rung);
  expect(ladder[0]!.streakShare).toBeCloseTo(0.009, 3);
  expect(ladder[4]!.streakShare).toBeCloseTo(0.29, 2);
  [0.99, 0.83, 0.49, 0.26, 0.07].forEach((chance, i) =>
    expect(Math.abs(ladder[i]!.keeperChance - chance)).toBeLessThan(0.03),
  );
});

test("the chance of a keeper is what ten thousand normal draws on a grid say", () => {
  const input = {
    nearest: 10,
    speed: 9,
    focalLengthMm: 100,
    exposure: 1 / 60,
    frameMm: 36,
    length: 2,
    spread: 0.05,
    toleranceUm: 40,
  };
  const { streakMm, keeperChance } = panPicture(input);
  let inside = 0;
  let all = 0;
  for (let z = -6; z <= 6; z += 0.0005) {
    const weight = Math.exp((-z * z) / 2);
    all += weight;
    if (Math.abs(z * input.spread * streakMm) <= input.toleranceUm / 1000) inside += weight;
  }
  expect(keeperChance).toBeCloseTo(inside / all, 3);
});

const pass = fc.record({
  nearest: fc.double({ min: 1, max: 60, noNaN: true }),
  speed: fc.double({ min: 0.5, max: 60, noNaN: true }),
});

test("the rate peaks at the nearest point; its change is the numerical derivative and is largest at d/√3", () => {
  fc.assert(
    fc.property(pass, fc.double({ min: -3, max: 3, noNaN: true }), (p, share) => {
      const x = share * p.nearest;
      expect(panRate(p, x)).toBeLessThanOrEqual(panRate(p, 0));
      const dt = 1e-5 / p.speed;
      const numeric = (panRate(p, x - p.speed * dt) - panRate(p, x + p.speed * dt)) / (2 * dt);
      const scale = worstRateChange(p).change;
      expect(panRateChange(p, x) / scale).toBeCloseTo(numeric / scale, 3);
      expect(Math.abs(panRateChange(p, x))).toBeLessThanOrEqual(scale * (1 + 1e-9));
    }),
  );
  const p = { nearest: 8, speed: 10 };
  const { along, change } = worstRateChange(p);
  expect(panRateChange(p, along)).toBeCloseTo(change, 9);
});

test("exposure for a streak undoes the streak", () => {
  const base = { nearest: 8, speed: 10, focalLengthMm: 70, frameMm: 36 };
  const exposure = exposureForStreak({ ...base, share: 0.1 });
  expect(panPicture({ ...base, exposure, length: 1, spread: 0.05, toleranceUm: 30 }).streakShare).toBeCloseTo(
    0.1,
    9,
  );
});

test("1200 MB, 30 MB a frame, 300 MB/s, 20 a second: 4 s, 80 frames, 4 s to clear", () => {
  const burst = { framesPerSecond: 20, frameMb: 30, bufferMb: 1200, writeMbPerSecond: 300 };
  expect(burstRun(burst)).toEqual({ seconds: 4, frames: 80, clearSeconds: 4 });
  expect(burstRun({ ...burst, framesPerSecond: 10 }).seconds).toBe("unlimited");
});

test("a ball on the bat for half a thousandth either side: 2 % at twenty a second; timing, not burst", () => {
  expect(chanceToHold(0.0005, 20)).toBeCloseTo(0.02, 9);
  expect(chanceToHold(0.05, 20)).toBe(1);
});

test("top of a jump: below 0.5 m/s for 0.10 s; a rise of 0.6 m takes off at 3.4 m/s", () => {
  expect(topOfJump(0.5)).toBeCloseTo(0.1, 2);
  expect(takeOffSpeed(0.6)).toBeCloseTo(3.4, 1);
});

test("focus drift: lag, half a frame, reaction", () => {
  expect(focusDrift(7, "predictive")).toBeCloseTo(0.07, 9);
  expect(focusDrift(7, "plain")).toBeCloseTo(0.35, 9);
  expect(focusDrift(7, "press")).toBeCloseTo(0.21, 9);
  expect(focusDrift(10, { burstFps: 20 })).toBeCloseTo(0.25, 9);
});

test("flicker: none over whole periods, 64 % of the modulation over half a period, 90 % over a quarter", () => {
  const swing = (exposure: number) => flickerSwing({ mainsHz: 50, modulation: 1, exposure });
  expect(swing(1 / 100)).toBe(0);
  expect(swing(1 / 101.6)).toBe(0);
  expect(swing(1 / 50)).toBe(0);
  expect(swing(1 / 200)).toBeCloseTo(0.64, 2);
  expect(swing(1 / 400)).toBeCloseTo(0.9, 2);
  expect(swing(1 / 8000)).toBeGreaterThan(0.999);
});

test("the mean over an exposure never leaves the bounds that flicker gives", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1e-4, max: 0.05, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (exposure, phase) => {
        const F = 100;
        const mean =
          1 +
          (0.6 / (2 * Math.PI * F * exposure)) *
            (Math.cos(2 * Math.PI * phase) - Math.cos(2 * Math.PI * (phase + F * exposure)));
        const near = Math.abs(F * exposure - Math.round(F * exposure)) <= 0.02 * Math.round(F * exposure);
        if (!near)
          expect(Math.abs(mean - 1)).toBeLessThanOrEqual(
            flickerSwing({ mainsHz: 50, modulation: 0.6, exposure }) + 1e-9,
          );
      },
    ),
  );
  // Half of the light swings by a share of sin(0.1π) ÷ 0.1π at 1/1000: frames of 1.49 and of 0.51 of the mean.
  const swing = flickerSwing({ mainsHz: 50, modulation: 0.5, exposure: 1 / 1000 });
  expect(swingInStops(swing)).toBeCloseTo(Math.log2(1.4918 / 0.5082), 3);
  expect(swingInStops(0)).toBe(0);
});
