import fc from "fast-check";
import {
  apertureNearest,
  evOfClicks,
  isoNearest,
  shutterNearest,
  stopsTogether,
  whyDark,
  type FindStopsInput,
} from ".";

/** Three stops dark at 1/800 f/2.8 ISO 2000, as practice tells it (common practice, no source). */
const DARK: FindStopsInput = {
  settings: {
    shutter: shutterNearest(1 / 800),
    aperture: apertureNearest(2.8),
    iso: isoNearest(2000),
  },
  clicks: 9,
  slowestShutter: shutterNearest(1 / 500),
  widestAperture: apertureNearest(2.8),
  isoCeiling: isoNearest(5000),
  liftClicks: 0,
};

test("three stops dark: 1/500 f/2.8 ISO 5000 leaves it one stop dark", () => {
  const { taken, settings, left } = stopsTogether(DARK);
  expect(taken.map((s) => [s.rail, s.clicks])).toEqual([
    ["shutter", 2],
    ["iso", 4],
  ]);
  expect(settings).toEqual({
    shutter: shutterNearest(1 / 500),
    aperture: apertureNearest(2.8),
    iso: isoNearest(5000),
  });
  expect(left).toBe(3);
  expect(stopsTogether({ ...DARK, liftClicks: 3 }).left).toBe(0);
});

test("whatever was used: what is taken and what is left make up what was missing, and no limit is passed", () => {
  const clicks = (min: number, max: number) => fc.integer({ min, max });
  fc.assert(
    fc.property(
      fc.record({ shutter: clicks(0, 40), aperture: clicks(0, 20), iso: clicks(0, 30) }),
      clicks(1, 20),
      clicks(0, 40),
      clicks(0, 20),
      clicks(0, 30),
      clicks(0, 4),
      (settings, missing, slowestShutter, widestAperture, isoCeiling, liftClicks) => {
        const input = { settings, clicks: missing, slowestShutter, widestAperture, isoCeiling, liftClicks };
        const found = stopsTogether(input);
        const given = found.taken.reduce((sum, s) => sum + s.clicks, 0);
        expect(given + found.left).toBe(missing);
        const lifted = found.taken.find((s) => s.rail === "lift")?.clicks ?? 0;
        expect(3 * (evOfClicks(settings) - evOfClicks(found.settings))).toBeCloseTo(given - lifted, 9);
        expect(found.settings.shutter).toBeGreaterThanOrEqual(Math.min(settings.shutter, slowestShutter));
        expect(found.settings.aperture).toBeGreaterThanOrEqual(Math.min(settings.aperture, widestAperture));
        expect(found.settings.iso).toBeLessThanOrEqual(Math.max(settings.iso, isoCeiling));
      },
    ),
  );
});

test("an automatic at the end of its rail had no more to give; short of it the meter was misled", () => {
  expect(whyDark("manual", DARK)).toBe("by-hand");
  expect(whyDark("shutter-priority", DARK)).toBe("aperture-at-its-end");
  expect(whyDark("auto-iso", DARK)).toBe("meter-misled");
  expect(whyDark("auto-iso", { ...DARK, isoCeiling: isoNearest(2000) })).toBe("iso-at-its-end");
  expect(whyDark("aperture-priority", DARK)).toBe("meter-misled");
  expect(whyDark("aperture-priority", { ...DARK, slowestShutter: shutterNearest(1 / 800) })).toBe(
    "shutter-at-its-end",
  );
});
