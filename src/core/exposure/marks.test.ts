import fc from "fast-check";
import {
  apertureFNumber,
  apertureMark,
  apertureNearest,
  apertureNoWider,
  evOfClicks,
  evOfSettings,
  exactSettings,
  isoMark,
  isoNearest,
  isoSpeed,
  SCALE,
  shutterMark,
  shutterNearest,
  shutterNoSlower,
  shutterSeconds,
  speedValue,
  apertureValue,
  timeValue,
} from ".";

const at = (shutter: number, fNumber: number, iso: number) => ({
  shutter: shutterNearest(shutter),
  aperture: apertureNearest(fNumber),
  iso: isoNearest(iso),
});

// Common practice: one exposure five ways, exact marks all EV 9 1/3.
test("one exposure five ways is EV 9 1/3 each time", () => {
  const five = [
    at(1 / 160, 5.6, 800),
    at(1 / 1000, 5.6, 5000),
    at(1 / 1000, 4, 2500),
    at(1 / 800, 4, 2000),
    at(1 / 640, 4, 1600),
  ];
  expect(five.map(evOfClicks)).toEqual(five.map(() => 28 / 3));
});

// Common practice.
test("three stops dark at 1/800 f/2.8 ISO 2000 is right at 1/100, or at ISO 16000; 1/500 at ISO 5000 leaves a stop", () => {
  const right = evOfClicks(at(1 / 800, 2.8, 2000)) - 3;
  expect(evOfClicks(at(1 / 100, 2.8, 2000))).toBeCloseTo(right, 9);
  expect(evOfClicks(at(1 / 800, 2.8, 16000))).toBeCloseTo(right, 9);
  expect(evOfClicks(at(1 / 500, 2.8, 5000)) - right).toBeCloseTo(1, 9);
});

test("from 1/1600 a third brighter by the shutter is 1/1250", () => {
  expect(shutterMark(shutterNearest(1 / 1600) - 1)).toEqual({ denominator: 1250 });
});

// ANSI PH2.7 (from memory) has distinct shadows at EV 15; the rule f/16 at t = 1/ISO comes to 14.64.
test("f/16 at 1/100, ISO 100 is EV 14.64, a third under the guide's 15", () => {
  const ev = evOfSettings({ exposure: 1 / 100, fNumber: 16, iso: 100 });
  expect(ev).toBeCloseTo(14.64, 2);
  expect(Math.abs(ev - 15)).toBeLessThan(0.4);
});

// Exif 2.32 annex C: f/1 is Av 0, 1 s is Tv 0, ISO 3.125 is Sv 0, ISO 100 is Sv 5.
test("APEX values", () => {
  expect([apertureValue(1), apertureValue(2), timeValue(1), timeValue(1 / 1024)]).toEqual([0, 2, 0, 10]);
  expect([speedValue(3.125), speedValue(100), speedValue(6400)]).toEqual([0, 5, 11]);
});

test("a mark computes exact: 1/1000 is 1/1024 s, 30 s is 32 s, f/3.5 is 3.56", () => {
  expect(shutterSeconds(shutterNearest(1 / 1000))).toBeCloseTo(1 / 1024, 12);
  expect(shutterSeconds(shutterNearest(30))).toBeCloseTo(32, 9);
  expect(apertureFNumber(apertureNearest(3.5))).toBeCloseTo(3.56, 2);
});

test("every click of every scale prints a mark within a seventh of a stop of its exact value, and is found again by it", () => {
  let marks = 0;
  for (let k = SCALE.shutter.first; k <= SCALE.shutter.last; k++, marks++) {
    const mark = shutterMark(k);
    const seconds = mark.seconds ?? 1 / mark.denominator;
    expect(Math.abs(Math.log2(seconds / shutterSeconds(k)))).toBeLessThan(0.15);
    expect(shutterNearest(seconds)).toBe(k);
  }
  for (let k = SCALE.aperture.first; k <= SCALE.aperture.last; k++, marks++) {
    expect(Math.abs(2 * Math.log2(apertureMark(k) / apertureFNumber(k)))).toBeLessThan(0.15);
    expect(apertureNearest(apertureMark(k))).toBe(k);
  }
  for (let k = SCALE.iso.first; k <= SCALE.iso.last; k++, marks++) {
    expect(Math.abs(Math.log2(isoMark(k) / isoSpeed(k)))).toBeLessThan(0.15);
    expect(isoNearest(isoMark(k))).toBe(k);
  }
  expect(marks).toBe(61 + 37 + 46);
});

test("a solved limit snaps to the safe side and keeps a mark that it meets", () => {
  expect(shutterMark(shutterNoSlower(1 / 905))).toEqual({ denominator: 1000 });
  expect(shutterNoSlower(1 / 1024)).toBe(30);
  expect(apertureMark(apertureNoWider(4.1))).toBe(4.5);
  fc.assert(
    fc.property(fc.double({ min: 1 / 30000, max: 30, noNaN: true }), (limit) => {
      const snapped = shutterSeconds(shutterNoSlower(limit));
      expect(snapped).toBeLessThanOrEqual(limit * (1 + 1e-8));
      expect(snapped).toBeGreaterThan(limit * 2 ** (-1 / 3) * (1 - 1e-8));
    }),
  );
});

test("clicks and exact settings tell the same EV", () => {
  const click = fc.integer({ min: 0, max: 30 });
  fc.assert(
    fc.property(click, click, click, (shutter, aperture, iso) => {
      const settings = { shutter, aperture, iso };
      expect(evOfSettings(exactSettings(settings))).toBeCloseTo(evOfClicks(settings), 9);
    }),
  );
});
