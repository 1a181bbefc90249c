import { equalExposures, apertureNearest, shutterNearest, isoNearest, nominalCrop } from "../exposure";
import { daylight, evFromLux, subjectLight } from "../light";
import { chanceToHold, topOfJump } from "../motion";
import { blurDiscUm, cropFactor, effectiveLens, focalLengthForFill, smoothness } from "../optics";

// Figures of practice and of published guides that speak of the whole rather than of one formula.

const lens = (f: number, n: number) => ({
  id: "l",
  name: "l",
  minFocalLengthMm: f,
  maxFocalLengthMm: f,
  widest: n,
  narrowest: 32,
  closestFocus: 2,
  stabiliserStops: 0,
  takesConverter: true,
});
const CROP = { widthMm: 23.5, heightMm: 15.6, widthPx: 6000 };

test("600 mm becomes 840 and 1200 with converters, and frames as 900 by name and 920 by the diagonal on a 1.5 crop (common practice)", () => {
  const with_ = (factor: number) =>
    effectiveLens({ lens: lens(600, 4), converter: { id: "k", name: "k", factor } }).maxFocalLengthMm;
  expect([with_(1.4), with_(2)]).toEqual([840, 1200]);
  expect(600 * nominalCrop(CROP)).toBe(900);
  expect(Math.round((600 * cropFactor(CROP)) / 10) * 10).toBe(920);
});

// ANSI PH2.7 exposure guide (from memory): cloudy bright 13, heavy overcast or open shade 12; the sun stands at 40°.
test("the guide's clouded skies come out of the daylight model within two thirds of a stop", () => {
  const ev = (cloudEighths: number, sunReaches: boolean) => {
    const day = daylight({ altitude: 40, dayOfYear: 172, cloudEighths });
    const lit = subjectLight({
      source: { bearing: 180, height: 40 },
      directNormal: day.directNormal,
      sky: day.sky,
      cloud: day.cloud,
      camera: { bearing: 180, height: 0 },
      reaches: sunReaches,
      skyLeft: 1,
      skyOnGround: 1,
      reflectance: 0.2,
      form: { kind: "upright" },
    });
    return evFromLux(lit.direct + lit.sky + lit.ground);
  };
  expect(Math.abs(ev(8, false) - 12)).toBeLessThan(0.67);
  expect(Math.abs(ev(0, false) - 12)).toBeLessThan(0.67);
  expect(Math.abs(ev(4, false) - 13)).toBeLessThan(0.67);
  expect(Math.abs(ev(0, true) - 15)).toBeLessThan(0.67);
});

test("a stride at 180 steps a minute flies a tenth of a second: ten frames a second hold it once a step (common practice)", () => {
  const flight = 0.1;
  expect(chanceToHold(flight / 2, 10)).toBe(1);
  expect(chanceToHold(flight / 2, 5)).toBe(0.5);
  // A step lasts a third of a second; a burst of five or six frames at twenty a second covers it.
  expect(60 / 180 / (1 / 20)).toBeGreaterThan(6);
  expect(topOfJump(0.5)).toBeCloseTo(0.1, 2);
});

test("a ball on a bat is there for a thousandth: twenty frames a second hold it twice in a hundred (common practice)", () => {
  expect(chanceToHold(0.0005, 20)).toBeCloseTo(0.02, 9);
});

test("the six levers of a soft background each work the way practice pulls them", () => {
  const base = { focalLengthMm: 300, fNumber: 4, subjectDistance: 15, point: 45, detail: 0.16 };
  const soft = (change: Partial<typeof base>) => smoothness({ ...base, ...change });
  const plain = soft({});
  expect(soft({ fNumber: 2.8 })).toBeGreaterThan(plain);
  expect(soft({ subjectDistance: 10 })).toBeGreaterThan(plain);
  expect(soft({ point: 90 })).toBeGreaterThan(plain);
  expect(soft({ focalLengthMm: 400 })).toBeGreaterThan(plain);
  // A larger sensor for the same picture from the same place takes a longer lens; filling takes one as well.
  const reach = (widthMm: number, heightMm: number, fill: number) =>
    focalLengthForFill({
      format: { widthMm, heightMm, widthPx: 6000 },
      orientation: "upright",
      along: "height",
      partSize: 1.8,
      fill,
      distance: 15,
    });
  expect(soft({ focalLengthMm: reach(36, 24, 0.7) })).toBeGreaterThan(
    soft({ focalLengthMm: reach(23.5, 15.6, 0.7) }),
  );
  expect(soft({ focalLengthMm: reach(36, 24, 0.9) })).toBeGreaterThan(
    soft({ focalLengthMm: reach(36, 24, 0.6) }),
  );
  // A background twice as far behind as one stands from the subject gives two thirds of the most there is.
  const disc = (point: number) => blurDiscUm({ focalLengthMm: 300, fNumber: 4, subjectDistance: 15, point });
  expect(disc(45) / disc(1e9)).toBeCloseTo(2 / 3, 2);
});

test("an 8000-not-10000 owner keeps the exposure by a slower shutter a third under (common practice)", () => {
  const asked = { shutter: shutterNearest(1 / 1000), aperture: apertureNearest(2.8), iso: isoNearest(10000) };
  const limits = { fastestShutter: 39, isoFloor: 0, isoCeiling: isoNearest(8000) };
  const within = equalExposures(asked, limits);
  expect(within[within.length - 1]).toEqual({
    ...asked,
    shutter: shutterNearest(1 / 800),
    iso: isoNearest(8000),
  });
});
