import fc from "fast-check";
import { keeperChance } from ".";
import { normalBelow, normalMean } from "./normal";

test("shares of a normal law below a place are those of the handbook's table", () => {
  // Φ(0) 0.5, Φ(1) 0.8413, Φ(1.645) 0.9500, Φ(−1.96) 0.0250 (handbook of mathematical tables).
  expect([0, 1, 1.645, -1.96].map((z) => Number(normalBelow(z).toFixed(4)))).toEqual([
    0.5, 0.8413, 0.95, 0.025,
  ]);
  expect([-Infinity, Infinity].map(normalBelow)).toEqual([0, 1]);
});

test("the mean of one is the share below, of z nothing, of z² one", () => {
  for (const z of [-3, -0.4, 0, 1.7, 9]) expect(normalMean(z, () => 1)).toBeCloseTo(normalBelow(z), 3);
  expect(normalMean(Infinity, (z) => z)).toBeCloseTo(0, 9);
  expect(normalMean(Infinity, (z) => z * z)).toBeCloseTo(1, 2);
});

/** The same integral in four thousand even steps. */
function inFineSteps(smear: number, shake: number, spread: number): number {
  let [sum, all] = [0, 0];
  for (let z = -5; z <= 5; z += 0.0025) {
    const density = Math.exp((-z * z) / 2);
    all += density;
    const room2 = 1 - (smear * Math.exp(spread * z)) ** 2;
    if (room2 > 0) sum += density * (1 - Math.exp((-Math.PI * room2) / (4 * shake * shake)));
  }
  return sum / all;
}

test("a chance is within a thousandth of the sum in fine steps, whatever the smear, the hand and the spread", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -2, max: 1, noNaN: true }),
      fc.double({ min: -2.5, max: 1, noNaN: true }),
      fc.double({ min: 0.02, max: 2.8, noNaN: true }),
      (smear, shake, spread) => {
        const { chance } = keeperChance({
          blur: {
            motionUmPerSecond: 10 ** smear,
            shakeUmPerSecond: 10 ** shake,
            defocusUm: 0,
            workingFNumber: 1e-9,
            pixelUm: 1e-9,
          },
          toleranceUm: 1,
          exposure: 1,
          spread,
        });
        expect(Math.abs(chance - inFineSteps(10 ** smear, 10 ** shake, spread))).toBeLessThan(1e-3);
      },
    ),
    { numRuns: 300 },
  );
});
