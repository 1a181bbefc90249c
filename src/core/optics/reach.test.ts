import fc from "fast-check";
import {
  bellowsLoss,
  circleForDeliverable,
  circleOfConfusionMm,
  closestFocalLength,
  converterLoss,
  cropLeft,
  diagonalMm,
  distanceForFill,
  distanceFromMark,
  effectiveLens,
  fNumberForTurned,
  focalLengthForFill,
  frameSubject,
  magnification,
  markedDistance,
  pixelsWanted,
  stackConverters,
  turnedDepth,
  widestAt,
} from ".";

const FULL = { widthMm: 36, heightMm: 24, widthPx: 6000 };
const wish = { format: FULL, orientation: "upright", along: "height", partSize: 1.8, fill: 0.7 } as const;
const lens = {
  id: "l",
  name: "l",
  minFocalLengthMm: 100,
  maxFocalLengthMm: 400,
  widest: 4.5,
  widestAtLong: 5.6,
  narrowest: 32,
  closestFocus: 1,
  stabiliserStops: 4,
  takesConverter: true,
};

test("reach goes both ways: the focal length for a fill has that fill from that distance", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 3, max: 200, noNaN: true }),
      fc.double({ min: 0.1, max: 1, noNaN: true }),
      (distance, fill) => {
        const focalLengthMm = focalLengthForFill({ ...wish, fill, distance });
        const back = distanceForFill({ ...wish, fill, focalLengthMm, closestFocus: 0.1 });
        expect(back.ok && back.value).toBeCloseTo(distance, 6);
        const frame = frameSubject({
          ...wish,
          fill,
          subjectDistance: distance,
          minFocalLengthMm: 1,
          maxFocalLengthMm: 1e5,
        });
        expect(frame.focalLengthMm).toBeCloseTo(focalLengthMm, 6);
      },
    ),
  );
});

test("a fill that would need the lens nearer than it focuses is absent with both distances", () => {
  const near = distanceForFill({ ...wish, partSize: 0.05, focalLengthMm: 400, closestFocus: 2.5 });
  expect(near).toMatchObject({ ok: false, reason: "nearer-than-focus", numbers: { closest: 2.5 } });
});

test("an A4 print at 300 pixels per inch wants 3508 pixels; at reading distance one arc-minute is its circle", () => {
  // ISO 216: A4 is 297 × 210 mm.
  const a4 = {
    kind: "print",
    longEdgeMm: 297,
    shortEdgeMm: 210,
    pixelsPerInch: 300,
    viewingDistance: 0.3637,
  } as const;
  expect(pixelsWanted(a4)).toBe(3508);
  // Seen from its own diagonal, a print asks for the diagonal over 3438 (one arc-minute).
  expect(circleForDeliverable(FULL, 1, a4)).toBeCloseTo(diagonalMm(FULL) / 3438, 5);
  expect(cropLeft(FULL, 0.5, a4)).toEqual({ keptPx: 3000, wantedPx: 3508, ratio: 3000 / 3508 });
});

test("a delivered pixel is never smaller than a sensor's", () => {
  expect(circleForDeliverable(FULL, 1, { kind: "pixels", longEdgePx: 3000 })).toBeCloseTo(0.012, 9);
  expect(circleForDeliverable(FULL, 1, { kind: "pixels", longEdgePx: 30000 })).toBeCloseTo(0.006, 9);
});

test("a marked distance and the thin lens's make a round trip; under four focal lengths there is no image", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 20, max: 800, noNaN: true }),
      fc.double({ min: 4.01, max: 400, noNaN: true }),
      (f, times) => {
        const marked = (times * f) / 1000;
        const s = distanceFromMark(f, marked);
        expect(s.ok && markedDistance(f, s.value)).toBeCloseTo(marked, 6);
      },
    ),
  );
  expect(distanceFromMark(100, 0.39)).toMatchObject({ ok: false, reason: "nearer-than-four-focal-lengths" });
});

test("at 1:1 a lens that focuses to 0.3 m is a 75 mm lens; a thin lens of that focal length agrees", () => {
  const f = closestFocalLength(0.3, 1);
  expect(f).toBeCloseTo(75, 9);
  expect(magnification(f, 2 * (f / 1000))).toBeCloseTo(1, 9);
});

test("close up the exposure loses 0.64, 1.17 and 2 stops at 1:4, 1:2 and 1:1 (handbook)", () => {
  expect([0.25, 0.5, 1].map((m) => +bellowsLoss(m).toFixed(2))).toEqual([0.64, 1.17, 2]);
});

test("converters: 400 f/4 becomes 560 f/5.6 and 800 f/8; two of them multiply", () => {
  const long = { ...lens, minFocalLengthMm: 400, widest: 4, widestAtLong: 4 };
  const with14 = effectiveLens({ lens: long, converter: { id: "a", name: "1.4×", factor: 1.4 } });
  const with2 = effectiveLens({ lens: long, converter: { id: "b", name: "2×", factor: 2 } });
  expect([with14.maxFocalLengthMm, with14.widest, with2.maxFocalLengthMm, with2.widest]).toEqual([
    560, 5.6, 800, 8,
  ]);
  const both = stackConverters([
    { id: "a", name: "1.4×", factor: 1.4 },
    { id: "b", name: "2×", factor: 2 },
  ]);
  expect(both).toEqual({ id: "a-b", name: "1.4× and 2×", factor: 2.8 });
  expect(converterLoss(1.4) + converterLoss(2)).toBeCloseTo(converterLoss(both.factor), 9);
  expect(converterLoss(2)).toBe(2);
});

test("a zoom closes along its range, from its short end's f-number to its long end's", () => {
  const optic = effectiveLens({ lens });
  expect([100, 200, 400].map((f) => +widestAt(optic, f).toFixed(2))).toEqual([4.5, 5.02, 5.6]);
  expect(widestAt(effectiveLens({ lens: { ...lens, widestAtLong: undefined } }), 300)).toBe(4.5);
});

test("a subject turned by an angle needs the sine of it, and side on nothing", () => {
  expect(turnedDepth(2, 30)).toBeCloseTo(1, 9);
  expect(turnedDepth(2, 0)).toBe(0);
  const horse = {
    focalLengthMm: 300,
    subjectDistance: 20,
    length: 2.4,
    nearShare: 0.1,
    circleOfConfusionMm: circleOfConfusionMm(diagonalMm(FULL)),
  };
  const at = (turnDeg: number) => fNumberForTurned({ ...horse, turnDeg });
  expect(at(0)).toBe(0);
  expect(at(60)).toBeGreaterThan(at(30));
  // Head on: the far end 2.16 m behind the eye, disc of 300² / N · 2.16 / (22.16 · 19.7) µm, by hand.
  expect(at(90)).toBeCloseTo((300 ** 2 * 2160) / (0.0288444 * 22160 * 19700), 2);
});
