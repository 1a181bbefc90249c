import fc from "fast-check";
import { airMass, clearHorizontalLux, daylight } from "./daylight";

const within = (value: number, expected: number, share: number): void =>
  expect(Math.abs(value / expected - 1)).toBeLessThan(share);

// USNO Circular 171 (from memory): values to reproduce.
test("clear horizontal illuminance: 129 klx overhead, 759 lx at the horizon, 3.4, 0.008, 0.00065 lx in twilight", () => {
  within(clearHorizontalLux(90), 129_000, 0.01);
  within(clearHorizontalLux(0), 759, 0.01);
  within(clearHorizontalLux(-6), 3.4, 0.02);
  within(clearHorizontalLux(-12), 0.008, 0.03);
  within(clearHorizontalLux(-18), 0.00065, 0.02);
  expect(clearHorizontalLux(-40)).toBe(clearHorizontalLux(-18));
});

// Kasten and Young 1989.
test("air mass: 38 at the horizon, 10.3 at 5°, 5.6 at 10°, 1.99 at 30°", () => {
  within(airMass(0), 38, 0.01);
  within(airMass(5), 10.3, 0.01);
  within(airMass(10), 5.6, 0.01);
  within(airMass(30), 1.99, 0.01);
});

test("no step is seen anywhere: a hundredth of a degree changes the light by less than a thirtieth of a stop", () => {
  let steps = 0;
  for (let h = -17.99; h < 89.9; h += 0.01) {
    steps++;
    expect(Math.abs(Math.log2(clearHorizontalLux(h + 0.01) / clearHorizontalLux(h)))).toBeLessThan(1 / 30);
  }
  expect(steps).toBeGreaterThan(10_000);
});

test("through the horizon direct and sky parts go on without a step, under every cloud", () => {
  for (const cloudEighths of [0, 2, 4, 6, 8]) {
    const above = daylight({ altitude: 1e-7, dayOfYear: 290, cloudEighths });
    const below = daylight({ altitude: -1e-7, dayOfYear: 290, cloudEighths });
    within(above.sky, below.sky, 0.002);
    expect(Math.abs(above.directNormal - below.directNormal)).toBeLessThan(5);
  }
});

test("sun and sky together are the first model's total on a clear day", () => {
  for (const altitude of [2, 10, 30, 60]) {
    const light = daylight({ altitude, dayOfYear: 290, cloudEighths: 0 });
    within(light.horizontal, clearHorizontalLux(altitude), 1e-9);
  }
});

test("the two models agree within two percent at 60° (IES availability against USNO 171)", () => {
  const sin = Math.sin(Math.PI / 3);
  const direct = 127_500 * Math.exp(-0.21 * airMass(60));
  within(direct * sin + 800 + 15_500 * Math.sqrt(sin), clearHorizontalLux(60), 0.02);
});

test("more cloud never gives more direct sun, and a closed sky gives none", () => {
  const eighths = fc.integer({ min: 0, max: 7 });
  fc.assert(
    fc.property(fc.double({ min: 1, max: 89, noNaN: true }), eighths, (altitude, cloudEighths) => {
      const light = (cloud: number) => daylight({ altitude, dayOfYear: 100, cloudEighths: cloud });
      expect(light(cloudEighths + 1).directNormal).toBeLessThanOrEqual(light(cloudEighths).directNormal);
      expect(light(8).directNormal).toBe(0);
    }),
  );
});

test("every sky at every altitude is a number above nothing", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -90, max: 90, noNaN: true }),
      fc.integer({ min: 0, max: 8 }),
      (altitude, cloudEighths) => {
        const light = daylight({ altitude, dayOfYear: 1, cloudEighths });
        expect(light.sky).toBeGreaterThan(0);
        expect(light.directNormal).toBeGreaterThanOrEqual(0);
        expect(Number.isFinite(light.horizontal)).toBe(true);
      },
    ),
  );
});

test("clouded skies jumped as the sun came up: every sky rises through the horizon without a step", () => {
  let looked = 0;
  for (const cloudEighths of [0, 1, 2, 3, 4, 5, 6, 7, 8])
    for (const dayOfYear of [4, 80, 186]) {
      let before: number | undefined;
      for (let altitude = -4; altitude <= 4; altitude += 0.02) {
        const { horizontal, sky } = daylight({ altitude, dayOfYear, cloudEighths });
        if (before !== undefined) {
          expect(horizontal).toBeGreaterThanOrEqual(before * 0.9999);
          expect(horizontal / before).toBeLessThan(1.03);
        }
        expect(sky).toBeGreaterThan(0);
        before = horizontal;
        looked++;
      }
    }
  expect(looked).toBeGreaterThan(10_000);
});

test("below one degree clouded skies keep their share of the clear one: 0.233 overcast, 0.380 partly", () => {
  for (const altitude of [-5, -0.8, 0, 0.5]) {
    const share = (cloudEighths: number) =>
      daylight({ altitude, dayOfYear: 80, cloudEighths }).horizontal / clearHorizontalLux(altitude);
    expect(share(8)).toBeCloseTo(0.233, 2);
    expect(share(4)).toBeCloseTo(0.38, 2);
    expect(share(0)).toBeCloseTo(1, 1);
  }
});
