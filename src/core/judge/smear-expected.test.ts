import { anOuting } from "../../../test/outings";
import { smearExpected } from ".";

const { view } = anOuting("hockey-semi-final");
const [input, found] = [view.input!, view.found!];
const { settings } = found.settings;

test("what is expected of a smear is that of the budget at the settings found, and grows with the exposure", () => {
  const at = smearExpected(input, found, settings);
  const { parts } = found.motion;
  const held = parts.find((p) => p.partId === found.motion.held.partId)!;
  expect(at.totalUm).toBeCloseTo(held.blurUm, 6);
  const slower = smearExpected(input, found, { ...settings, shutter: settings.shutter - 3 });
  expect(slower.exposure / at.exposure).toBeCloseTo(2, 6);
  expect(slower.streakUm / at.streakUm).toBeCloseTo(2, 6);
  // Variances add: what moves is the same at both, twice as long at the slower.
  const moved = (s: typeof at): number => s.totalUm ** 2 - s.restUm ** 2;
  expect(moved(slower) / moved(at)).toBeCloseTo(4, 6);
});

test("the rest of a smear is what a subject that stands still would have", () => {
  const at = smearExpected(input, found, settings);
  expect(at.restUm).toBeGreaterThan(at.pixelUm * 0.9);
  expect(at.restUm).toBeLessThan(at.totalUm);
});
