import { chanceFromLog, keeperChance, panKeeperChance, speedSpread, steadyChance, type BlurInput } from ".";

/** A hand alone: no motion, no focus error, a lens and pixels that blur next to nothing. */
const hand = (focalLengthMm: number): BlurInput => ({
  motionUmPerSecond: 0,
  shakeUmPerSecond: 28.8 * focalLengthMm,
  defocusUm: 0,
  workingFNumber: 1e-6,
  pixelUm: 1e-6,
});
const chance = (exposure: number, over: Partial<BlurInput> = {}, spread = 0.15) =>
  keeperChance({ blur: { ...hand(200), ...over }, toleranceUm: 28.8, exposure, spread }).chance;

test("a still at the reciprocal rule keeps 54 of 100, a stop slower 18, a stop faster 96; 1/500 at 200 mm 99", () => {
  expect(chance(1 / 200)).toBeCloseTo(0.544, 3);
  expect(chance(1 / 100)).toBeCloseTo(0.178, 3);
  expect(chance(1 / 400)).toBeCloseTo(0.957, 3);
  expect(chance(1 / 500)).toBeCloseTo(0.993, 3);
});

test("speeds of 7 and 9 m/s spread by 0.153: at a limit drawn for 1.1 of the typical 73 of 100 hold, for 1.25 93", () => {
  expect(speedSpread(7, 9)).toBeCloseTo(0.153, 3);
  const spread = speedSpread(7, 9);
  // A tripod: the subject's speed alone decides.
  const still = { shakeUmPerSecond: 0, motionUmPerSecond: 1000 };
  const drawnFor = (share: number) => chance(28.8e-3 / share, still, spread);
  expect(drawnFor(1.1)).toBeCloseTo(0.73, 2);
  expect(drawnFor(1.25)).toBeCloseTo(0.93, 2);
  expect(speedSpread(7, undefined)).toBe(0.15);
  expect(speedSpread(0, 2)).toBe(0.15);
});

test("each click faster keeps more, and causes together keep no more than each alone", () => {
  const blur = { ...hand(300), motionUmPerSecond: 9000, workingFNumber: 4, pixelUm: 6, defocusUm: 8 };
  let before = 0;
  for (let click = 15; click <= 36; click++) {
    const found = keeperChance({ blur, toleranceUm: 28.8, exposure: 2 ** (-click / 3), spread: 0.2 });
    expect(found.chance).toBeGreaterThanOrEqual(before);
    expect(found.chance).toBeLessThanOrEqual(Math.min(found.subject, found.hand) + 1e-9);
    before = found.chance;
  }
  expect(before).toBeGreaterThan(0.95);
});

test("a pan is the turn's chance times the hand's; what focus takes whole leaves nothing", () => {
  const blur = { ...hand(70), shakeAlongUmPerSecond: 0 };
  const pan = { streakUm: 1200, spread: 0.03 };
  const found = keeperChance({ blur, toleranceUm: 28.8, exposure: 1 / 60, spread: 0.15, pan });
  expect(found.pan).toBeCloseTo(panKeeperChance(28.8, 1200, 0.03), 4);
  expect(found.chance).toBeCloseTo(found.pan * found.hand, 9);
  const lost = keeperChance({
    blur: { ...blur, defocusUm: 60 },
    toleranceUm: 28.8,
    exposure: 1 / 60,
    spread: 0.15,
    pan,
  });
  expect(lost).toMatchObject({ chance: 0, taken: 1 });
  expect(steadyChance(0)).toBe(0);
});

test("a log of 120 frames with 31 kept corrects a model that said 0.6 to 0.285", () => {
  expect(chanceFromLog(0.6, { kept: 31, taken: 120 })).toBeCloseTo(0.285, 3);
  expect(chanceFromLog(0.6, { kept: 0, taken: 0 })).toBe(0.6);
});
