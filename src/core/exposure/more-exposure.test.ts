import fc from "fast-check";
import {
  adviseMode,
  apertureNearest,
  autoIso,
  equalExposures,
  evOfClicks,
  findStops,
  isoNearest,
  meterCompensation,
  neighbours,
  neutralDensityStops,
  sceneContrast,
  shutterNearest,
  toneAdvice,
} from ".";
import { MIDDLE_REFLECTANCE } from "../units";

const marks = (shutter: number, fNumber: number, iso: number) => ({
  shutter: shutterNearest(shutter),
  aperture: apertureNearest(fNumber),
  iso: isoNearest(iso),
});

test("reflected and incident meter agree at a reflectance of 0.157 (ISO 2720, πK/C)", () => {
  expect(MIDDLE_REFLECTANCE).toBeCloseTo(0.157, 3);
  expect(meterCompensation(MIDDLE_REFLECTANCE)).toBe(0);
});

// Common practice: snow wants about two stops more, a dark crowd about two less.
test("snow and a dark crowd want about two stops either way", () => {
  expect(meterCompensation(0.8)).toBeCloseTo(2.35, 1);
  expect(meterCompensation(0.04)).toBeCloseTo(-1.97, 1);
});

test("holding the whites, the middle or the faces, and what each costs", () => {
  const scene = { whites: 2.3, faces: 2.5, headroom: 2, footroom: 2 };
  expect(toneAdvice("hold-whites", scene)).toEqual({
    shift: -0.2999999999999998,
    whitesLost: 0,
    facesLost: expect.closeTo(0.8),
  });
  expect(toneAdvice("middle", scene)).toEqual({ shift: 0, whitesLost: expect.closeTo(0.3), facesLost: 0.5 });
  expect(toneAdvice("hold-faces", scene)).toEqual({
    shift: 0.5,
    whitesLost: expect.closeTo(0.8),
    facesLost: 0,
  });
});

test("contrast of a scene in stops", () => {
  expect(sceneContrast(64_000, 1000)).toBe(6);
});

test("an automatic ISO stays between floor and ceiling and tells by how much it is off there", () => {
  const held = { shutter: 30, aperture: 9, compensation: 0, isoFloor: 0, isoCeiling: 18 };
  expect(autoIso({ ...held, meteredEv: 10 })).toEqual({ iso: 9, off: 0 });
  expect(autoIso({ ...held, meteredEv: 15 })).toEqual({ iso: 0, off: 6 });
  expect(autoIso({ ...held, meteredEv: 6 })).toEqual({ iso: 18, off: -3 });
  expect(autoIso({ ...held, meteredEv: 10, compensation: 3 }).iso).toBe(12);
});

test("steady light is manual, zones within a stop are clicks, more or passing cloud is automatic ISO, a pocket is manual", () => {
  const light = {
    zoneEvs: [12, 12.2],
    evsAhead: [12, 11.9],
    unpredictable: false,
    pocketOnly: false,
    shadowClicks: 0,
    pastCeiling: false,
    intoDusk: false,
  };
  expect(adviseMode(light)).toEqual({ mode: "manual", reason: "steady" });
  expect(adviseMode({ ...light, zoneEvs: [12, 11.33] })).toEqual({
    mode: "manual-with-clicks",
    reason: "zones-differ",
    clicks: 2,
  });
  expect(adviseMode({ ...light, zoneEvs: [13, 10] })).toMatchObject({ mode: "auto-iso", stops: 3 });
  expect(adviseMode({ ...light, unpredictable: true }).mode).toBe("auto-iso");
  expect(adviseMode({ ...light, pocketOnly: true }).mode).toBe("manual-for-the-pocket");
});

test("the edge of a standing shadow that is more than one can turn is automatic ISO, up to a stop one turns along", () => {
  const light = {
    zoneEvs: [12],
    evsAhead: [12],
    unpredictable: false,
    pocketOnly: false,
    pastCeiling: false,
    intoDusk: false,
  };
  expect(adviseMode({ ...light, shadowClicks: 8 })).toEqual({
    mode: "auto-iso",
    reason: "shadow-stands",
    clicks: 8,
  });
  expect(adviseMode({ ...light, shadowClicks: 3 }).mode).toBe("manual");
});

test("past the ceiling it said “automatic ISO between floor and ceiling”; into dusk an automatic brightens night to day", () => {
  const dim = { zoneEvs: [5], evsAhead: [5, 3], unpredictable: false, pocketOnly: false, shadowClicks: 0 };
  expect(adviseMode({ ...dim, pastCeiling: true, intoDusk: false })).toEqual({
    mode: "manual",
    reason: "past-ceiling",
  });
  expect(adviseMode({ ...dim, pastCeiling: true, intoDusk: true, unpredictable: true }).mode).toBe("manual");
  expect(adviseMode({ ...dim, pastCeiling: false, intoDusk: true })).toEqual({
    mode: "manual",
    reason: "into-dusk",
    stops: 2,
  });
});

test("a filter of whole stops brings the sun down to a slow shutter", () => {
  // EV 15 at 1/60 f/16 ISO 100 is two and a stop: 6 + 8 = 14.
  expect(neutralDensityStops({ lightEv: 15, ...marks(1 / 60, 16, 100), iso: 100 })).toBe(1);
  expect(neutralDensityStops({ lightEv: 12, ...marks(1 / 1000, 4, 100), iso: 100 })).toBe(0);
});

// Common practice: three stops dark at 1/800 f/2.8 ISO 2000.
test("where three stops come from: the shutter to 1/100, or ISO 16000; the lens is open already", () => {
  const dark = {
    settings: marks(1 / 800, 2.8, 2000),
    clicks: 9,
    widestAperture: apertureNearest(2.8),
    liftClicks: 1,
  };
  const sources = findStops({
    ...dark,
    slowestShutter: shutterNearest(1 / 60),
    isoCeiling: isoNearest(25600),
  });
  expect(sources.map((s) => [s.rail, s.clicks])).toEqual([
    ["shutter", 9],
    ["iso", 9],
    ["lift", 1],
  ]);
  expect(sources[0]!.settings.shutter).toBe(shutterNearest(1 / 100));
  expect(sources[1]!.settings.iso).toBe(isoNearest(16000));
});

test("equal exposures are equal, each within its limits, and hold the given one", () => {
  const own = marks(1 / 1000, 4, 2500);
  const all = equalExposures(own, { fastestShutter: 39, isoFloor: 0, isoCeiling: 21 });
  expect(all).toContainEqual(own);
  expect(all).toContainEqual(marks(1 / 640, 4, 1600));
  expect(new Set(all.map(evOfClicks)).size).toBe(1);
  expect(all.every((s) => s.iso >= 0 && s.iso <= 21)).toBe(true);
});

test("neighbours differ by one click on one rail", () => {
  const click = fc.integer({ min: 0, max: 36 });
  fc.assert(
    fc.property(click, click, click, (shutter, aperture, iso) => {
      const own = { shutter, aperture, iso };
      const near = neighbours(own);
      expect(near.length).toBeGreaterThanOrEqual(5);
      for (const n of near) expect(Math.abs(evOfClicks(n.settings) - evOfClicks(own))).toBeCloseTo(1 / 3, 9);
    }),
  );
});
