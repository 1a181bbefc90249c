import fc from "fast-check";
import {
  angleOfView,
  bellowsLoss,
  blurDiscUm,
  circleOfConfusionMm,
  cropFactor,
  depthOfField,
  diagonalMm,
  distanceForImage,
  effectiveLens,
  fNumberForDepth,
  focalLengthForImage,
  frameSubject,
  hyperfocal,
  magnification,
  smoothness,
} from ".";

const FULL_FRAME = { widthMm: 36, heightMm: 24, widthPx: 6000 };

test("50 mm sees 39.6° over 36 mm (handbook)", () => {
  expect(angleOfView(50, 36)).toBeCloseTo(39.6, 1);
});

test("crop factors by diagonal: 1.534, 1.613, 1.999, 2.727", () => {
  const sizes = [
    [23.5, 15.6, 1.534],
    [22.3, 14.9, 1.613],
    [17.3, 13, 1.999],
    [13.2, 8.8, 2.727],
  ] as const;
  for (const [widthMm, heightMm, factor] of sizes)
    expect(cropFactor({ widthMm, heightMm, widthPx: 6000 })).toBeCloseTo(factor, 3);
});

test("600 mm on a 1.5 crop frames as 920 by the diagonal", () => {
  expect(600 * cropFactor({ widthMm: 23.5, heightMm: 15.6, widthPx: 6000 })).toBeCloseTo(920, -0.5);
});

test("converters: 400 f/4 becomes 560 f/5.6 by 1.4× and 800 f/8 by 2× (common practice)", () => {
  const lens = {
    id: "l",
    name: "400 mm f/4",
    minFocalLengthMm: 400,
    maxFocalLengthMm: 400,
    widest: 4,
    narrowest: 22,
    closestFocus: 2.5,
    stabiliserStops: 4,
    takesConverter: true,
  };
  const through = (factor: number) => effectiveLens({ lens, converter: { id: "c", name: "c", factor } });
  expect(through(1.4)).toMatchObject({ maxFocalLengthMm: 560, widest: 5.6, closestFocus: 2.5 });
  expect(through(2)).toMatchObject({ maxFocalLengthMm: 800, widest: 8, closestFocus: 2.5 });
});

test("hyperfocal distance of 50 mm f/8 with c 0.03 is 10.47 m (handbook)", () => {
  expect(hyperfocal({ focalLengthMm: 50, fNumber: 8, circleOfConfusionMm: 0.03 })).toBeCloseTo(10.47, 2);
});

test("focused at the hyperfocal distance the near limit is half of it and the far one has no end", () => {
  const lens = { focalLengthMm: 50, fNumber: 8, circleOfConfusionMm: 0.03 };
  const H = hyperfocal(lens);
  const depth = depthOfField({ ...lens, subjectDistance: H });
  expect(depth.near).toBeCloseTo(H / 2, 9);
  expect(depth.far).toBe("unbounded");
});

test("a point at the near and far limit makes a disc of just the circle of confusion", () => {
  const settings = fc.record({
    focalLengthMm: fc.double({ min: 24, max: 600, noNaN: true }),
    fNumber: fc.double({ min: 1.4, max: 16, noNaN: true }),
    subjectDistance: fc.double({ min: 3, max: 80, noNaN: true }),
  });
  fc.assert(
    fc.property(settings, (s) => {
      const { near, far } = depthOfField({ ...s, circleOfConfusionMm: 0.0288 });
      expect(blurDiscUm({ ...s, point: near })).toBeCloseTo(28.8, 4);
      if (typeof far === "number" && far < 1e6) expect(blurDiscUm({ ...s, point: far })).toBeCloseTo(28.8, 3);
      const fNumber = fNumberForDepth({ ...s, circleOfConfusionMm: 0.0288, near, far: s.subjectDistance });
      expect(fNumber).toBeCloseTo(s.fNumber, 4);
    }),
  );
});

test("a background two subject distances behind gives two thirds of the disc at infinity, whatever the lens (common practice)", () => {
  for (const focalLengthMm of [50, 135, 400]) {
    const disc = (point: number) => blurDiscUm({ focalLengthMm, fNumber: 4, subjectDistance: 12, point });
    expect(disc(36) / disc(1e12)).toBeCloseTo(2 / 3, 6);
  }
});

test("smoothness of 400 f/2.8, 20 m to 60 m, for a face is 1.79", () => {
  expect(
    smoothness({ focalLengthMm: 400, fNumber: 2.8, subjectDistance: 20, point: 60, detail: 0.16 }),
  ).toBeCloseTo(1.79, 2);
});

test("the circle of confusion of 36×24 is 0.0288 mm", () => {
  expect(circleOfConfusionMm(diagonalMm(FULL_FRAME))).toBeCloseTo(0.0288, 4);
});

test("close-up losses: 1:4 0.64, 1:2 1.17, 1:1 2.0 stops", () => {
  expect([0.25, 0.5, 1].map(bellowsLoss).map((v) => Number(v.toFixed(2)))).toEqual([0.64, 1.17, 2]);
});

test("distance and focal length for an image undo each other", () => {
  const size = fc.double({ min: 0.1, max: 4, noNaN: true });
  const image = fc.double({ min: 1, max: 20, noNaN: true });
  const focal = fc.double({ min: 24, max: 800, noNaN: true });
  fc.assert(
    fc.property(size, image, focal, (metres, imageMm, focalLengthMm) => {
      const away = distanceForImage(metres, imageMm, focalLengthMm);
      expect(magnification(focalLengthMm, away) * metres * 1000).toBeCloseTo(imageMm, 6);
      expect(focalLengthForImage(metres, imageMm, away)).toBeCloseTo(focalLengthMm, 6);
    }),
  );
});

test("a subject inside the focal length is refused with what to do", () => {
  expect(() => magnification(400, 0.3)).toThrow(/move back/);
});

const wish = {
  format: FULL_FRAME,
  orientation: "upright" as const,
  along: "height" as const,
  partSize: 1.7,
  fill: 0.6,
  minFocalLengthMm: 70,
  maxFocalLengthMm: 200,
};

test("a zoom goes to the wished fill, and keeps the whole sensor", () => {
  const frame = frameSubject({ ...wish, subjectDistance: 10 });
  expect(frame.fill).toBeCloseTo(0.6, 9);
  expect(frame.kept).toBe(1);
  expect(frame.focalLengthMm).toBeGreaterThan(70);
  expect(frame.focalLengthMm).toBeLessThan(200);
});

test("out of reach the crop makes up the fill and the pixels fall with it", () => {
  const frame = frameSubject({ ...wish, subjectDistance: 30 });
  // m = 200/29800; 1.7 m are 11.41 mm of 36: 0.317 of the frame; the crop keeps 0.528 of it.
  expect(frame.fill).toBeCloseTo(0.317, 3);
  expect(frame.kept).toBeCloseTo(0.528, 3);
  expect(frame.keptLongEdgePx).toBe(Math.round(6000 * frame.kept));
});

test("turning the camera level makes the same figure half as tall again in the frame", () => {
  const upright = frameSubject({ ...wish, subjectDistance: 30 });
  const level = frameSubject({ ...wish, orientation: "level", subjectDistance: 30 });
  expect(level.fill / upright.fill).toBeCloseTo(1.5, 9);
});
