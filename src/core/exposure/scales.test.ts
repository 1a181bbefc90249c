import fc from "fast-check";
import {
  evOfSettings,
  marksOf,
  onHalfStops,
  nominalCrop,
  noiseOf,
  readMark,
  snapToMark,
  stopsBetween,
} from ".";

const rails = ["shutter", "aperture", "iso"] as const;
const steps = ["third", "half"] as const;
const read = (rail: (typeof rails)[number], step: (typeof steps)[number], nominal: number) => {
  const found = readMark({ rail, step, nominal });
  return found.ok ? found.value : NaN;
};

test("a mark is read within its scale: f/3.5 is 3.56 in thirds and 3.36 in halves", () => {
  expect(read("aperture", "third", 3.5)).toBeCloseTo(3.56, 2);
  expect(read("aperture", "half", 3.5)).toBeCloseTo(3.36, 2);
  expect(read("shutter", "third", 1 / 1000)).toBeCloseTo(1 / 1024, 9);
  expect(read("shutter", "half", 30)).toBeCloseTo(32, 9);
  expect(read("iso", "third", 640)).toBeCloseTo(100 * 2 ** (8 / 3), 6);
});

test("a number that the scale does not print is absent with the nearest mark", () => {
  expect(readMark({ rail: "shutter", step: "half", nominal: 1 / 640 })).toMatchObject({
    ok: false,
    reason: "not-on-the-scale",
  });
  expect(readMark({ rail: "aperture", step: "third", nominal: 0 })).toMatchObject({ ok: false });
});

test("the scales run from 30 s to 1/32000, f/1 to f/64, ISO 25 to 819200, and no mark is far from its exact value", () => {
  let swept = 0;
  for (const rail of rails)
    for (const step of steps) {
      const marks = marksOf({ rail, step });
      // A printed mark strays by up to a sixth of a stop from what it stands for (0.3 s in halves by a fifth).
      for (const { nominal, exact } of marks) {
        const stops = Math.abs(Math.log2(nominal / exact)) * (rail === "aperture" ? 2 : 1);
        expect(stops).toBeLessThan(0.26);
        swept++;
      }
      expect([marks[0]!.nominal, marks[marks.length - 1]!.nominal]).toEqual(
        { shutter: [30, 1 / 32000], aperture: [1, 64], iso: [25, 819200] }[rail],
      );
    }
  expect(swept).toBe(61 + 37 + 46 + 41 + 25 + 31);
});

test("a limit snaps to its safe side and keeps a mark that it meets", () => {
  const at = { rail: "shutter", step: "third", safe: "at-most" } as const;
  expect(snapToMark({ ...at, limit: 1 / 905 }).nominal).toBe(1 / 1000);
  expect(snapToMark({ ...at, limit: 1 / 1024 }).nominal).toBe(1 / 1000);
  expect(snapToMark({ ...at, step: "half", limit: 1 / 905 }).nominal).toBe(1 / 1000);
  expect(snapToMark({ rail: "aperture", step: "half", safe: "at-least", limit: 3 }).nominal).toBe(3.5);
  fc.assert(
    fc.property(
      fc.double({ min: 1 / 30000, max: 30, noNaN: true }),
      fc.constantFrom(...steps),
      (limit, step) => {
        const { exact } = snapToMark({ rail: "shutter", step, limit, safe: "at-most" });
        expect(exact).toBeLessThanOrEqual(limit * (1 + 1e-8));
        expect(Math.log2(limit / exact)).toBeLessThan(step === "third" ? 1 / 3 + 1e-6 : 1 / 2 + 1e-6);
      },
    ),
  );
});

test("differences of settings in stops and clicks (common practice: three stops dark is 1/100, or ISO 16000)", () => {
  const dark = { exposure: 2 ** (-29 / 3), fNumber: 2 ** 1.5, iso: 100 * 2 ** (13 / 3) };
  expect(stopsBetween(dark, { ...dark, exposure: dark.exposure * 8 })).toEqual({ stops: 3, clicks: 9 });
  expect(stopsBetween(dark, { ...dark, iso: dark.iso * 8 }).clicks).toBeCloseTo(9, 9);
  const oneDark = { exposure: 1 / 512, fNumber: 2 ** 1.5, iso: 100 * 2 ** (17 / 3) };
  // 1/500 f/2.8 ISO 5000 leaves the frame one stop dark of the three.
  expect(stopsBetween(dark, oneDark).stops).toBeCloseTo(2, 9);
  expect(evOfSettings(dark) - evOfSettings(oneDark)).toBeCloseTo(2, 9);
});

const FOUR_THIRDS = { widthMm: 17.3, heightMm: 13, widthPx: 5184 };

test("light collected: 2.0 crop is 1.94 stops below 36×24; ISO 6400 is 24600 by area and 25600 by name", () => {
  const noise = noiseOf({ format: FOUR_THIRDS, kept: 1, iso: 6400, baseIso: 200, lift: 0 });
  expect(noise.belowFullFrame).toBeCloseTo(1.94, 2);
  expect(Math.round(noise.fullFrameIso / 100)).toBe(246);
  expect(noise.fullFrameIsoNominal).toBe(25600);
  expect(noise.belowBase).toBe(5);
  expect(noise.noiseAboveBase).toBe(2.5);
});

test("a crop to half the sides costs two stops of light, a lift its own stops", () => {
  const whole = noiseOf({ format: FOUR_THIRDS, kept: 1, iso: 800, baseIso: 200, lift: 0 });
  const half = noiseOf({ format: FOUR_THIRDS, kept: 0.5, iso: 800, baseIso: 200, lift: 1 });
  expect(half.belowBase - whole.belowBase).toBe(3);
  expect(half.belowFullFrame - whole.belowFullFrame).toBeCloseTo(2, 9);
});

test("crop factors by name: 1.5, 1.6, 2, 2.7; an odd one to a tenth", () => {
  const crops = [
    [23.5, 15.6],
    [22.3, 14.9],
    [17.3, 13],
    [13.2, 8.8],
    [44, 33],
  ].map(([widthMm, heightMm]) => nominalCrop({ widthMm: widthMm!, heightMm: heightMm!, widthPx: 6000 }));
  expect(crops).toEqual([1.5, 1.6, 2, 2.7, 0.8]);
});

test("settings on a camera of half stops: never slower, never less depth, and the light within half a stop brighter", () => {
  // 1/640 f/4.5 ISO 640 in thirds: 1/750, f/4.5 (4.76 exact) and the ISO that this leaves.
  for (const shutter of [15, 20, 28, 31, 33])
    for (const aperture of [9, 10, 11, 13])
      for (const iso of [0, 5, 8, 13]) {
        const half = onHalfStops({ shutter, aperture, iso });
        const exact = {
          exposure: read("shutter", "half", half.shutter)!,
          fNumber: read("aperture", "half", half.aperture)!,
        };
        expect(exact.exposure).toBeLessThanOrEqual(2 ** (-shutter / 3) * 1.000001);
        expect(exact.fNumber).toBeGreaterThanOrEqual(2 ** (aperture / 6) * 0.999999);
        expect(half.brighter).toBeGreaterThanOrEqual(-1e-9);
        expect(half.brighter).toBeLessThan(0.5);
      }
  // A whole stop keeps its marks.
  expect(onHalfStops({ shutter: 30, aperture: 9, iso: 9 })).toMatchObject({
    shutter: 1 / 1000,
    aperture: 2.8,
    iso: 800,
  });
});
